package nimblefurrow.phone;

import java.util.List;
import java.util.stream.Collectors;
import nimblefurrow.core.setting.RowPlan;

/** Rows across a gap of the crop, and seed by strip. */
final class Rows {
  private Rows() {}

  static Answer of(Question q) {
    RowPlan rows =
        RowPlan.of(
            q.number("cropSpacingM"),
            (int) q.number("openers"),
            q.number("openerSpacingM"),
            q.maybe("twinM"),
            q.maybe("nextRowM"),
            q.maybe("bandM"));
    List<RowPlan.Zone> zones =
        q.parts("zones").stream()
            .map(
                z ->
                    new RowPlan.Zone(
                        z.text("species"),
                        z.number("widthM"),
                        z.number("rateKgPerHa"),
                        z.text("box")))
            .collect(Collectors.toList());
    List<RowPlan.ZoneSeed> seeds =
        zones.isEmpty() ? List.of() : RowPlan.zones(zones, q.or("areaHa", 1));
    return new Answer()
        .with(
            "rows",
            new Answer()
                .numbers("coverRowsM", rows.coverRowsM())
                .with("clearOfCropM", rows.clearOfCropM())
                .with("clearOfNextM", rows.clearOfNextM())
                .with("clearOfBandM", rows.clearOfBandM())
                .words("warnings", rows.warnings()))
        .with(
            "zones",
            seeds.stream()
                .map(
                    s ->
                        new Answer()
                            .with("species", s.species())
                            .with("box", s.box())
                            .with("share", s.share())
                            .with("fieldRateKgPerHa", s.fieldRateKgPerHa())
                            .with("seedKg", s.seedKg()))
                .collect(Collectors.toList()));
  }
}
