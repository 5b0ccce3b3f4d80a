package nimblefurrow.phone;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Supplier;
import nimblefurrow.core.count.FloweringCount;
import nimblefurrow.core.count.GreenCover;
import nimblefurrow.core.count.KillCount;
import nimblefurrow.core.count.MulchSample;
import nimblefurrow.core.count.StageSeen;
import nimblefurrow.core.count.StandCount;
import nimblefurrow.core.count.WeedsSeen;
import nimblefurrow.core.cover.StageScale;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;
import org.teavm.jso.JSExport;
import org.teavm.jso.JSObject;

/**
 * Counts at the field's edge. Each answers what the server's door of the same name answers, to the
 * last digit; a number that is not known is not a number ({@link Double#NaN}).
 */
public final class Counts {
  /** Under the weather that was taken along last; null before any was. */
  private static @Nullable Seasons seasons;

  private Counts() {}

  /**
   * {@return the stand count of counts}
   *
   * @param counts plants in each frame
   * @param frameM2 area of a frame
   * @param liveSeedsPerM2 seeded
   * @param confidence of the interval
   */
  @JSExport
  public static JSObject stand(
      double[] counts, double frameM2, double liveSeedsPerM2, double confidence) {
    return answer(
        () -> {
          List<Double> all = new ArrayList<>();
          for (double c : counts) {
            all.add(c);
          }
          StandCount s = StandCount.of(all, frameM2, known(liveSeedsPerM2), confidence);
          return new Answer()
              .with("plantsPerM2", s.plantsPerM2())
              .with("low", s.low())
              .with("high", s.high())
              .with("shareOfLiveSeed", s.shareOfLiveSeed())
              .with("frames", s.frames());
        });
  }

  /**
   * {@return the kill count of marked frames}
   *
   * @param before stems of each frame before
   * @param after stems alive in it after
   * @param confidence of the interval
   */
  @JSExport
  public static JSObject kill(int[] before, int[] after, double confidence) {
    return answer(
        () -> {
          List<KillCount.Frame> frames = new ArrayList<>();
          for (int i = 0; i < before.length; i++) {
            frames.add(new KillCount.Frame(before[i], after[i]));
          }
          KillCount k = KillCount.of(frames, confidence);
          return new Answer()
              .with("kill", k.kill())
              .with("low", k.low())
              .with("high", k.high())
              .with("secondPass", k.secondPass());
        });
  }

  /**
   * {@return the mulch of clipped hoops}
   *
   * @param wetKg wet mass of each hoop
   * @param frameM2 area of each
   * @param dryMatterFraction dry over wet mass
   * @param targetMgPerHa wanted
   * @param confidence of the interval
   */
  @JSExport
  public static JSObject mulch(
      double[] wetKg,
      double[] frameM2,
      double dryMatterFraction,
      double targetMgPerHa,
      double confidence) {
    return answer(
        () -> {
          List<MulchSample.Hoop> hoops = new ArrayList<>();
          for (int i = 0; i < wetKg.length; i++) {
            hoops.add(new MulchSample.Hoop(wetKg[i], frameM2[i]));
          }
          MulchSample m = MulchSample.of(hoops, dryMatterFraction, targetMgPerHa, confidence);
          return new Answer()
              .with("mgPerHa", m.mgPerHa())
              .with("low", m.low())
              .with("high", m.high())
              .with("samplesFor15Percent", m.samplesFor15Percent())
              .with("oddsAboveTarget", m.oddsAboveTarget());
        });
  }

  /**
   * {@return the verdict on the flowering after the stops so far}
   *
   * @param heads looked at, of each stop
   * @param flowering of them in flower
   * @param target share from which rolling works
   * @param riskTooEarly of saying roll too early
   * @param riskTooLate of waiting too long
   * @param maxStops after which it says wait
   * @param cereal whether the stages are a cereal's
   * @param stageNames of the species; none where the stage is not asked for
   * @param stageFractions of each stage
   * @param look what was looked for; the usual of the species when empty
   */
  @JSExport
  public static JSObject flowering(
      int[] heads,
      int[] flowering,
      double target,
      double riskTooEarly,
      double riskTooLate,
      int maxStops,
      boolean cereal,
      String[] stageNames,
      double[] stageFractions,
      String look) {
    return answer(
        () -> {
          List<FloweringCount.Stop> stops = new ArrayList<>();
          for (int i = 0; i < heads.length; i++) {
            stops.add(new FloweringCount.Stop(heads[i], flowering[i]));
          }
          FloweringCount c = FloweringCount.of(stops, target, riskTooEarly, riskTooLate, maxStops);
          return new Answer()
              .with("share", c.share())
              .with("low", c.low())
              .with("high", c.high())
              .with("decision", c.decision().name().toLowerCase(Locale.ROOT))
              .with("stopsLeft", c.stopsLeft())
              .with("correlation", c.correlation())
              .with("stage", stage(cereal, stageNames, stageFractions, look, c.share()));
        });
  }

  private static @Nullable Answer stage(
      boolean cereal, String[] names, double[] fractions, String look, double share) {
    if (names.length == 0) {
      return null;
    }
    List<StageScale.Stage> stages = new ArrayList<>();
    for (int i = 0; i < names.length; i++) {
      stages.add(new StageScale.Stage(names[i], fractions[i]));
    }
    StageScale scale = new StageScale(cereal ? StageScale.CEREAL : "", stages);
    StageSeen.Look seen =
        look.isEmpty() ? StageSeen.Look.usual(scale) : StageSeen.Look.valueOf(look);
    StageSeen stage = StageSeen.of(scale, seen, share);
    return new Answer().with("stage", stage.stage()).with("fraction", stage.fraction());
  }

  /**
   * {@return the green cover of a picture}
   *
   * @param rgb one packed colour a pixel, as 0xRRGGBB
   */
  @JSExport
  public static JSObject green(int[] rgb) {
    return answer(
        () -> {
          GreenCover g = GreenCover.of(rgb);
          return new Answer().with("cover", g.cover()).with("pixels", g.pixels());
        });
  }

  /**
   * {@return whether a rating of weeds asks for a rescue}
   *
   * @param of10 from none, 0, to nothing else, 10
   */
  @JSExport
  public static JSObject weeds(double of10) {
    return answer(() -> new Answer().with("rescue", WeedsSeen.rescue(of10)));
  }

  /**
   * {@return what a door of the shed's bench answers}
   *
   * @param door the last part of its address
   * @param question as the door takes it
   */
  @JSExport
  public static JSObject bench(String door, JSObject question) {
    return answer(() -> Bench.of(door, new Question(question)));
  }

  /**
   * Takes a farm's weather along; what was held before is let go of.
   *
   * @param sky as the server's {@code pocket} of the farm has it
   * @return how many ways the season may go
   */
  @JSExport
  public static JSObject sky(JSObject sky) {
    return answer(
        () -> {
          seasons = Seasons.under(new Question(sky));
          return new Answer().with("years", (double) seasons.years());
        });
  }

  /**
   * {@return what changes when a field's cover is meant for other days}
   *
   * @param field as the server's {@code pocket} of the field has it
   * @param seedOn the day tried for seeding, year first
   * @param endOn the day tried for its ending
   */
  @JSExport
  public static JSObject tried(JSObject field, String seedOn, String endOn) {
    return answer(
        () -> {
          Seasons held = seasons;
          if (held == null) {
            throw new Refused("", "This phone holds no weather of the farm.");
          }
          return held.tried(new Question(field), LocalDate.parse(seedOn), LocalDate.parse(endOn));
        });
  }

  private static JSObject answer(Supplier<Answer> question) {
    try {
      return question.get().parts();
    } catch (Refused r) {
      return Answer.refused(r).parts();
    }
  }

  private static @Nullable Double known(double value) {
    return Double.isNaN(value) ? null : value;
  }

  /** The compiler of modules begins here; there is nothing to begin. */
  public static void main(String[] args) {}
}
