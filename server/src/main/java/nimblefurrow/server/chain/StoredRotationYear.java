package nimblefurrow.server.chain;

import java.util.List;
import nimblefurrow.server.plan.PlanInput;
import org.jspecify.annotations.Nullable;

/** A year of a rotation as {@code rotation} keeps it. */
record StoredRotationYear(String crop, @Nullable Cover cover) {
  /** What is seeded after the crop; days as {@code MM-dd}, rates in kg/ha. */
  record Cover(
      List<String> purposes,
      List<Seed> components,
      String method,
      String seedOn,
      String ending,
      String endOn) {}

  /** A species and its bulk rate, kg/ha. */
  record Seed(String species, double rateKgPerHa) {}

  static StoredRotationYear of(RotationViews.RotationYear y) {
    RotationViews.RotationCover c = y.cover();
    return new StoredRotationYear(
        y.crop(),
        c == null
            ? null
            : new Cover(
                c.purposes(),
                c.components().stream().map(s -> new Seed(s.species(), s.rateKgPerHa())).toList(),
                c.method(),
                c.seedOn(),
                c.ending(),
                c.endOn()));
  }

  RotationViews.RotationYear year() {
    return new RotationViews.RotationYear(
        crop,
        cover == null
            ? null
            : new RotationViews.RotationCover(
                cover.purposes,
                cover.components.stream()
                    .map(s -> new PlanInput.Component(s.species, s.rateKgPerHa))
                    .toList(),
                cover.method,
                cover.seedOn,
                cover.ending,
                cover.endOn));
  }
}
