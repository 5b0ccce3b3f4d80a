package nimblefurrow.core.feed;

import java.time.LocalDate;
import java.time.Month;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.Unit;

/**
 * Groups of animals on a cover, one after the other: whether there is feed, and on which days they
 * may not be there.
 *
 * @param stays in the order of their days
 */
public record GrazingPlan(List<Checked> stays) {
  /** Sorghum types hold prussic acid so long after a frost. Working value; ask the vet. */
  private static final int AFTER_FROST_DAYS = 14;

  /** Less of it in the seed is not the cover's feed. */
  private static final double MUCH = 0.4;

  private static final double KG_PER_MG = 1000;

  public GrazingPlan {
    stays = List.copyOf(stays);
  }

  /** Days on which animals may not be on it. */
  public record Barred(LocalDate from, LocalDate to, Reason why) {}

  /**
   * A stay that was looked at.
   *
   * @param feedKg there for it when it comes, in every year; what groups before it ate is gone
   * @param enough in how many years that is enough
   * @param fit in how many years the ground carries when they come
   * @param barred days they may not be there
   * @param cautions what to look out for
   */
  public record Checked(
      GrazingStay stay,
      Spread feedKg,
      int enough,
      int fit,
      List<Barred> barred,
      List<Reason> cautions) {
    public Checked {
      barred = List.copyOf(barred);
      cautions = List.copyOf(cautions);
    }

    /** {@return whether it goes short in more years than not} */
    public boolean hungry() {
      return 2 * enough < years();
    }

    /** {@return years that were looked at} */
    public int years() {
      return feedKg.years();
    }
  }

  /**
   * {@return the stays of a cover, looked at}
   *
   * @param ground the cover
   * @param stays groups of animals
   */
  public static GrazingPlan of(GrazedGround ground, List<GrazingStay> stays) {
    List<Checked> all = new ArrayList<>();
    double eatenKg = 0;
    for (GrazingStay s : stays.stream().sorted(Comparator.comparing(GrazingStay::inOn)).toList()) {
      Spread there = there(ground, s.inOn(), eatenKg);
      all.add(
          new Checked(
              s,
              there,
              there.atLeast(s.needKg()),
              ground.fit().apply(s.inOn()),
              barred(ground, s.inOn(), s.outOn()),
              cautions(ground, s)));
      eatenKg += s.needKg();
    }
    return new GrazingPlan(all);
  }

  private static Spread there(GrazedGround g, LocalDate on, double eatenKg) {
    Spread feed = g.feed().apply(on);
    double[] years = new double[feed.years()];
    for (int y = 0; y < years.length; y++) {
      double share = (y + 0.5) / years.length;
      years[y] = Math.max(0, KG_PER_MG * g.areaHa() * feed.quantile(share) - eatenKg);
    }
    return Spread.of(years);
  }

  /**
   * {@return days on which no animals may be on a cover, with why}
   *
   * @param g the cover
   * @param in first day that is looked at
   * @param out last day that is looked at
   */
  public static List<Barred> barred(GrazedGround g, LocalDate in, LocalDate out) {
    List<Barred> all = new ArrayList<>();
    if (in.isBefore(g.seedOn())) {
      add(all, in, out, in, g.seedOn().minusDays(1), Reason.of("nothing is seeded yet"));
    }
    if (out.isAfter(g.lastOn())) {
      add(
          all,
          in,
          out,
          g.lastOn().plusDays(1),
          out,
          Reason.of("the cover is ended on {day}").with("day", g.lastOn()));
    }
    if (g.treated()) {
      add(
          all,
          in,
          out,
          in,
          out,
          Reason.of("treated seed went out: its tag says whether and when it may be grazed"));
    }
    for (GrazedGround.Sprayed p : g.sprays()) {
      Integer wait = p.waitDays();
      if (wait != null) {
        LocalDate last = p.on().plusDays(wait).minusDays(1);
        add(
            all,
            in,
            out,
            p.on(),
            last,
            Reason.of("{product} went on it on {day}: {wait} by its label as you entered it")
                .with("product", p.product())
                .with("day", p.on())
                .with("wait", wait, Unit.DAYS));
      }
    }
    if (sorghum(g)) {
      for (LocalDate frost : g.frosts()) {
        add(
            all,
            in,
            out,
            frost,
            frost.plusDays(AFTER_FROST_DAYS - 1L),
            Reason.of("frost on {day}: sorghum types hold prussic acid for {wait}")
                .with("day", frost)
                .with("wait", AFTER_FROST_DAYS, Unit.DAYS));
      }
    }
    return all;
  }

  /** What of a span lies in those days. */
  private static void add(
      List<Barred> all, LocalDate in, LocalDate out, LocalDate from, LocalDate to, Reason why) {
    LocalDate first = from.isBefore(in) ? in : from;
    LocalDate last = to.isAfter(out) ? out : to;
    if (!last.isBefore(first)) {
      all.add(new Barred(first, last, why));
    }
  }

  private static boolean sorghum(GrazedGround g) {
    return g.cover().stream().anyMatch(c -> c.species().id().startsWith("sorghum"));
  }

  private static double share(GrazedGround g, Family family) {
    double of =
        g.cover().stream()
            .filter(c -> c.species().family() == family)
            .mapToDouble(CoverComponent::rateKgPerHa)
            .sum();
    return of / CoverComponent.rate(g.cover());
  }

  private static List<Reason> cautions(GrazedGround g, GrazingStay s) {
    List<Reason> all = new ArrayList<>();
    g.sprays().stream()
        .filter(p -> p.waitDays() == null && !p.on().isAfter(s.outOn()))
        .forEach(
            p ->
                all.add(
                    Reason.of("{product} of {day}: read its label for the wait before grazing")
                        .with("product", p.product())
                        .with("day", p.on())));
    if (sorghum(g)) {
      all.add(
          Reason.of(
              "sorghum types: not under knee height, off at once when frost comes: prussic acid"));
    }
    if (share(g, Family.LEGUME) >= MUCH) {
      all.add(Reason.of("lush legumes bloat: hay first, never in hungry"));
    }
    if (share(g, Family.BRASSICA) >= MUCH) {
      all.add(Reason.of("brassicas: a part of the diet, hay beside them, let them get used to it"));
    }
    boolean spring =
        s.outOn().getMonthValue() >= Month.MARCH.getValue()
            && s.outOn().getMonthValue() <= Month.MAY.getValue();
    if (spring && share(g, Family.GRASS) >= MUCH) {
      all.add(Reason.of("lush grass of spring: magnesium against grass tetany, ahead of turnout"));
    }
    if (g.richInNitrogen()) {
      all.add(
          Reason.of(
              "manure or nitrogen went on it: have it tested for nitrate, above all after"
                  + " drought or frost"));
    }
    return all;
  }
}
