package nimblefurrow.server.reference;

import java.util.List;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.Usual;
import nimblefurrow.server.support.KeyOf;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Defaults of forms and limits of pages: the web keeps none of its own. */
@RestController
class ReferenceController {
  /**
   * A value that is usual where nothing is known yet, in its unit.
   *
   * @param us where people speak US units
   * @param metric where they speak metric
   */
  record UsualView(
      @KeyOf(KeyOf.What.USUAL) String key, Unit unit, double us, double metric, String of) {}

  /** All that is the same for every farm. */
  record Reference(List<UsualView> usual) {}

  @GetMapping("/api/reference")
  Reference reference() {
    return new Reference(
        Usual.all().stream()
            .map(u -> new UsualView(u.key(), u.unit(), u.us(), u.metric(), u.of()))
            .toList());
  }
}
