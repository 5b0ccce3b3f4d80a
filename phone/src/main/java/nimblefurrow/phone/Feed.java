package nimblefurrow.phone;

import nimblefurrow.core.feed.Bales;
import nimblefurrow.core.feed.GrazingDays;

/** How long a herd lives of what stands, and how many bales a cut makes. */
final class Feed {
  private Feed() {}

  static Answer grazing(Question q) {
    GrazingDays g =
        GrazingDays.of(
            new GrazingDays.Standing(
                q.number("standingKgPerHa"),
                q.number("leaveKgPerHa"),
                q.number("useShare"),
                q.number("areaHa")),
            q.number("head"),
            q.number("headKg"),
            q.or("intakeShare", GrazingDays.USUAL_INTAKE));
    return new Answer()
        .with("feedKg", g.feedKg())
        .with("animalDays", g.animalDays())
        .with("weeks", g.weeks())
        .with("hectaresPerHeadWeek", g.hectaresPerHeadWeek());
  }

  static Answer bales(Question q) {
    Bales b =
        Bales.of(
            q.number("cutKgPerHa"),
            q.number("areaHa"),
            q.number("dryMatter"),
            q.number("baleKg"),
            q.number("lossShare"));
    return new Answer()
        .with("bales", (double) b.bales())
        .with("dryKgPerBale", b.dryKgPerBale())
        .with("leftKg", b.leftKg());
  }
}
