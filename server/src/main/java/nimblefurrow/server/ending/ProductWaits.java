package nimblefurrow.server.ending;

import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.ending.SprayProduct;
import nimblefurrow.server.feed.LabelWaits;
import org.springframework.stereotype.Component;

/** Waits before grazing off the labels a farm entered. */
@Component
class ProductWaits implements LabelWaits {
  private final SprayService sprays;

  ProductWaits(SprayService sprays) {
    this.sprays = sprays;
  }

  @Override
  public Map<String, Integer> grazingDays(UUID farmId) {
    Map<String, Integer> all = new HashMap<>();
    for (SprayViews.ProductView p : sprays.products(farmId)) {
      SprayProduct label = p.label();
      Integer days = label.grazingDays();
      if (days != null) {
        all.put(label.name(), days);
      }
    }
    return all;
  }
}
