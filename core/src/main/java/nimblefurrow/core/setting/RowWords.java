package nimblefurrow.core.setting;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/** What a driver is told of the rows of a cover: the same on every page and paper. */
public final class RowWords {
  private static final double MM_PER_M = 1000;

  private RowWords() {}

  /**
   * {@return what to set before going, in the order it is set}
   *
   * @param s the rows
   * @param method how it is seeded
   * @param cover its seed, rates by hectare of field
   */
  public static List<Reason> of(RowSetup s, SeedingMethod method, List<CoverComponent> cover) {
    List<Reason> all = new ArrayList<>();
    String gaps =
        s.ofGaps() == 1 ? "every gap" : "%d gaps of %d".formatted(s.seededGaps(), s.ofGaps());
    all.add(
        distances(
                s.openers() == 1
                    ? "one opener in the middle of {gaps} between {rows} rows"
                    : "{openers} openers {apart} apart in {gaps} between {rows} rows",
                Map.of("apart", s.apartM(), "rows", s.cropSpacingM()))
            .with("openers", s.openers(), Unit.COUNT)
            .with("gaps", gaps));
    if (s.twinM() != null) {
      all.add(distances("each in twin rows {twin} apart", Map.of("twin", s.twinM())));
    }
    if (s.seededGaps() < s.ofGaps()) {
      all.add(
          Reason.of("close the rest: open rows are set to {rate}, which is {field} of the field")
              .with("rate", s.openKgPerHa(CoverComponent.rate(cover)), Unit.KG_PER_HA)
              .with("field", CoverComponent.rate(cover), Unit.KG_PER_HA));
    }
    Map<String, String> names = new LinkedHashMap<>();
    Map<String, Double> rates = new LinkedHashMap<>();
    for (CoverComponent c : cover) {
      names.put(c.species().id(), c.species().name());
      rates.put(c.species().id(), c.rateKgPerHa());
    }
    for (RowSetup.StripRate r : s.stripRates(rates)) {
      all.add(
          Reason.of(
                  r.box().isEmpty()
                      ? "{species}: {rate} in its strip, {share} of the width"
                      : "{box}: {species}, {rate} in its strip, {share} of the width")
              .with("box", r.box())
              .with("species", Objects.requireNonNull(names.get(r.species())))
              .with("rate", r.kgPerHa(), Unit.KG_PER_HA)
              .with("share", r.share(), Unit.SHARE));
    }
    if (s.nextRowM() != null) {
      all.add(
          distances(
              "the next crop’s row comes {next} from the old one", Map.of("next", s.nextRowM())));
    }
    if (s.angleDeg() > 0) {
      all.add(
          Reason.of("drive {angle} degrees across the rows")
              .with("angle", s.angleDeg(), Unit.COUNT));
    }
    SideDress with = s.sideDress();
    if (with != null) {
      all.add(
          distances(
                  "{product} in the same pass: {nitrogen} of nitrogen, its band {band} from the row",
                  Map.of("band", with.bandM()))
              .with("product", with.product())
              .with("nitrogen", with.nitrogenKgPerHa(), Unit.KG_PER_HA));
    }
    if (s.angleDeg() > 0 && method.underCrop()) {
      all.add(Reason.of("the crop stands: go along its rows, not across"));
    }
    s.rows(method).warnings().forEach(w -> all.add(Reason.of(w)));
    return all;
  }

  /** A sentence with distances, m, as a tape reads them. */
  private static Reason distances(String text, Map<String, Double> metres) {
    Reason r = Reason.of(text);
    for (Map.Entry<String, Double> e : metres.entrySet()) {
      r = r.with(e.getKey(), e.getValue() * MM_PER_M, Unit.TAPE_MM);
    }
    return r;
  }
}
