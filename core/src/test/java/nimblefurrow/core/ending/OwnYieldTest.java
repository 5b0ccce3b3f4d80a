package nimblefurrow.core.ending;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.ending.OwnYield.Harvest;
import org.junit.jupiter.api.Test;

class OwnYieldTest {
  private static List<Harvest> harvests(String crop, double... yields) {
    List<Harvest> all = new ArrayList<>();
    for (double y : yields) {
      all.add(new Harvest(crop, y));
    }
    return all;
  }

  @Test
  void threeHarvestsSayWhatIsUsualAndTwoDoNot() {
    List<Harvest> all = harvests("corn", 10, 12, 14);
    all.addAll(harvests("soybean", 3, 4));
    assertThat(OwnYield.of(all)).containsExactly(new OwnYield("corn", 3, 12));
    assertThat(OwnYield.of(List.of())).isEmpty();
  }

  @Test
  void whatIsUsualHereOutranksWhatShips() {
    EndingRules shipped = EndingRules.shipped();
    EndingRules own = OwnYield.in(shipped, List.of(new OwnYield("corn", 3, 12)));
    assertThat(own.late(NextCrop.Kind.CORN).yieldMgPerHa()).isEqualTo(12);
    assertThat(own.late(NextCrop.Kind.SOYBEAN)).isEqualTo(shipped.late(NextCrop.Kind.SOYBEAN));
    assertThat(own.late(NextCrop.Kind.CORN).lossShares())
        .isEqualTo(shipped.late(NextCrop.Kind.CORN).lossShares());
    assertThat(own.ways()).isEqualTo(shipped.ways());
    assertThat(OwnYield.in(shipped, List.of())).isEqualTo(shipped);
  }
}
