package nimblefurrow.core.nutrient;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.ToDoubleFunction;
import nimblefurrow.core.nutrient.NitrogenKnown.Clipped;
import nimblefurrow.core.nutrient.NitrogenKnown.CoverNitrogen;
import nimblefurrow.core.nutrient.NitrogenKnown.SoilTest;
import nimblefurrow.core.season.ResidueNitrogen;
import nimblefurrow.core.units.Maths;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/**
 * What nitrogen the next crop finds. A test of the soil after the cover outranks what is reckoned
 * of the time before; what the cover took out of the ground is not there twice.
 *
 * @param lines in the order of their sources
 * @param weeks what the cover frees, week by week from its ending, summed up
 */
public record NitrogenLedger(List<NitrogenLine> lines, List<Week> weeks) {
  /** Of manure without an analysis, half is taken as ammonium. Working value. */
  public static final double USUAL_AMMONIUM = 0.5;

  /** Freed of manure's organic nitrogen in a first season, from and to. Working values. */
  private static final double ORGANIC_LOW = 0.25;

  private static final double ORGANIC_HIGH = 0.45;

  /** Urea that lies on the ground may lose so much. Working value. */
  private static final double SURFACE_LOSS = 0.15;

  private static final double LOW = 0.1;
  private static final double HIGH = 0.9;

  public NitrogenLedger {
    lines = List.copyOf(lines);
    weeks = List.copyOf(weeks);
  }

  /** Freed up to a day, kg/ha; below nought is tied up. */
  public record Week(LocalDate on, double low, double middle, double high) {}

  /**
   * {@return the ledger of a field}
   *
   * @param known what is known of it
   */
  public static NitrogenLedger of(NitrogenKnown known) {
    CoverNitrogen cover = known.cover();
    SoilTest test = known.tests().stream().max(Comparator.comparing(SoilTest::on)).orElse(null);
    boolean after = cover == null || test != null && !test.on().isBefore(cover.endedOn());
    List<NitrogenLine> lines = new ArrayList<>();
    double there = 0;
    if (test != null) {
      lines.add(soil(test, after));
      there += test.kgPerHa();
    }
    for (Spreading s : known.spread()) {
      if (test != null && !s.on().isAfter(test.on())) {
        continue;
      }
      NitrogenLine line = s.manure() ? manure(s) : mineral(s);
      lines.add(line);
      if (cover != null && s.on().isBefore(cover.endedOn())) {
        there += line.available();
      }
    }
    List<Week> weeks = List.of();
    if (cover != null) {
      double taken = after ? 0 : Math.min(there, cover.takenUpKgPerHa());
      if (taken > 0) {
        lines.add(takenUp(taken));
      }
      NitrogenLine freed = freed(cover);
      lines.add(freed);
      weeks = weeks(cover, freed);
    }
    return new NitrogenLedger(
        lines.stream().sorted(Comparator.comparing(NitrogenLine::source)).toList(), weeks);
  }

  private static NitrogenLine soil(SoilTest test, boolean after) {
    Reason words =
        Reason.of(
                after
                    ? "nitrate tested on {day}: {n}; it outranks what was reckoned before"
                    : "nitrate tested on {day}: {n}, before the cover; test again ahead of planting")
            .with("day", test.on())
            .with("n", test.kgPerHa(), Unit.KG_PER_HA);
    return NitrogenLine.sure(NitrogenSource.SOIL, words, test.kgPerHa(), 0);
  }

  private static NitrogenLine manure(Spreading s) {
    Double told = s.ammoniumShare();
    double ammonium = s.nitrogenKgPerHa() * (told == null ? USUAL_AMMONIUM : told);
    double organic = s.nitrogenKgPerHa() - ammonium;
    ManureNitrogen m = freed(s, ammonium, organic, ManureNitrogen.USUAL_ORGANIC_SHARE);
    double lost = ammonium * m.lossShare();
    Reason words =
        Reason.of(
                told == null
                    ? "{n} in it on {day}; {lost} of its ammonium goes into the air; half taken as"
                        + " ammonium, for no analysis is written down"
                    : "{n} in it on {day}; {lost} of its ammonium goes into the air")
            .with("n", s.nitrogenKgPerHa(), Unit.KG_PER_HA)
            .with("day", s.on())
            .with("lost", m.lossShare(), Unit.SHARE);
    double middle = m.availableNPerHa();
    return new NitrogenLine(
        NitrogenSource.MANURE,
        words,
        s.nitrogenKgPerHa(),
        lost,
        s.nitrogenKgPerHa() - lost - middle,
        middle,
        freed(s, ammonium, organic, ORGANIC_LOW).availableNPerHa(),
        freed(s, ammonium, organic, ORGANIC_HIGH).availableNPerHa());
  }

  private static ManureNitrogen freed(
      Spreading s, double ammonium, double organic, double organicShare) {
    return ManureNitrogen.of(
        1, ammonium, organic, s.way(), s.workedInDays(), s.cool(), organicShare);
  }

  private static NitrogenLine mineral(Spreading s) {
    double n = s.nitrogenKgPerHa();
    boolean lies = s.way() == ManureNitrogen.Way.SURFACE;
    Reason words =
        Reason.of(
                lies
                    ? "{n} on {day}; what lies as urea may lose up to {loss} until rain takes it in"
                    : "{n} on {day}")
            .with("n", n, Unit.KG_PER_HA)
            .with("day", s.on())
            .with("loss", SURFACE_LOSS, Unit.SHARE);
    double low = lies ? n * (1 - SURFACE_LOSS) : n;
    return new NitrogenLine(NitrogenSource.FERTILISER, words, n, 0, 0, n, low, n);
  }

  private static NitrogenLine takenUp(double taken) {
    return NitrogenLine.sure(
        NitrogenSource.TAKEN_UP,
        Reason.of("{n} of what was there stands in the cover now").with("n", taken, Unit.KG_PER_HA),
        -taken,
        0);
  }

  private static NitrogenLine freed(CoverNitrogen c) {
    Clipped clipped = c.clipped();
    double middle = c.freedKgPerHa().median();
    double low = c.freedKgPerHa().quantile(LOW);
    double high = c.freedKgPerHa().quantile(HIGH);
    double tops = c.topsKgPerHa();
    Reason words;
    if (clipped == null) {
      words =
          Reason.of(
              middle < 0
                  ? "{tops} in its tops, so poor that it ties up {freed} for eight to ten weeks"
                  : "{tops} in its tops; {freed} freed in eight to ten weeks");
    } else {
      // The sample says what stands; the years only say how far it may be off.
      double sampled = ResidueNitrogen.freedKgPerHa(clipped.kgPerHa(), clipped.mgPerHa());
      double half = (high - low) / 2 / Math.sqrt(2);
      tops = clipped.kgPerHa();
      middle = sampled;
      low = sampled - half;
      high = sampled + half;
      words =
          Reason.of(
                  middle < 0
                      ? "{tops} in its tops by your sample of {share} nitrogen: it ties up {freed}"
                      : "{tops} in its tops by your sample of {share} nitrogen; {freed} freed")
              .with("share", clipped.nitrogenShare(), Unit.FINE_SHARE);
    }
    return new NitrogenLine(
        NitrogenSource.COVER,
        words.with("tops", tops, Unit.KG_PER_HA).with("freed", Math.abs(middle), Unit.KG_PER_HA),
        tops,
        0,
        tops - middle,
        middle,
        low,
        high);
  }

  /** It frees, or ties up, as the mulch rots. */
  private static List<Week> weeks(CoverNitrogen c, NitrogenLine freed) {
    List<Double> mulch = c.mulchByWeek();
    List<Week> weeks = new ArrayList<>();
    if (mulch.size() < 2) {
      return weeks;
    }
    double first = mulch.get(0);
    double rotted = first - mulch.get(mulch.size() - 1);
    for (int w = 0; w < mulch.size(); w++) {
      double share =
          rotted > 0
              ? Maths.clamp((first - mulch.get(w)) / rotted)
              : (double) w / (mulch.size() - 1);
      weeks.add(
          new Week(
              c.endedOn().plusWeeks(w),
              share * freed.low(),
              share * freed.available(),
              share * freed.high()));
    }
    return weeks;
  }

  /**
   * {@return what it means for the next crop, in a sentence}
   *
   * @param crop in a grower's words
   * @param legume whether the crop makes its own nitrogen
   * @param usdPerKg price of nitrogen
   */
  public Reason credit(String crop, boolean legume, double usdPerKg) {
    if (legume) {
      return Reason.of("{crop} make their own nitrogen: nothing is taken off or brought forward")
          .with("crop", crop);
    }
    double middle = available();
    return Reason.of(
            middle < 0
                ? "bring {n} forward to {crop}, with the planter or beside the rows, worth {usd}:"
                    + " {low} to {high} in eight years of ten"
                : "{crop} needs {n} less than it would, worth {usd}: {low} to {high} in eight years"
                    + " of ten")
        .with("n", Math.abs(middle), Unit.KG_PER_HA)
        .with("crop", crop)
        .with("low", middle < 0 ? -high() : low(), Unit.KG_PER_HA)
        .with("high", middle < 0 ? -low() : high(), Unit.KG_PER_HA)
        .with("usd", Math.abs(middle) * usdPerKg, Unit.USD_PER_HA);
  }

  private double sum(ToDoubleFunction<NitrogenLine> of) {
    return lines.stream().mapToDouble(of).sum();
  }

  /** {@return what the next crop finds in the middle, kg/ha} */
  public double available() {
    return sum(NitrogenLine::available);
  }

  /** {@return the same with all that is unsure at its low end} */
  public double low() {
    return sum(NitrogenLine::low);
  }

  /** {@return the same with all that is unsure at its high end} */
  public double high() {
    return sum(NitrogenLine::high);
  }
}
