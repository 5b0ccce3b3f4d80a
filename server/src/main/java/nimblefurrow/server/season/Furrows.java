package nimblefurrow.server.season;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.ending.RipeSeen;
import nimblefurrow.core.outlook.NextStep;
import nimblefurrow.core.outlook.Outlook;
import nimblefurrow.core.outlook.PlanWarnings;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.work.SeedingQueues;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.plan.PlanStatus;
import nimblefurrow.server.plan.PlanView;
import nimblefurrow.server.support.ReasonView;
import nimblefurrow.server.weather.FarmWeather;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** One field's season as the picture takes it. */
@Component
class Furrows {
  private final Standings standings;
  private final Outlooks outlooks;

  Furrows(Standings standings, Outlooks outlooks) {
    this.standings = standings;
    this.outlooks = outlooks;
  }

  /**
   * A field with how it stands today.
   *
   * @param plan what counts of it; null without one or when the field is left out
   * @param placing null without weather
   */
  record Placed(FieldCase field, @Nullable PlanView plan, Standings.@Nullable Placing placing) {
    /** As one that waits for its seeding machine; null when nothing is to be seeded. */
    SeedingQueues.@Nullable Waiting waiting(FarmView farm) {
      if (plan == null || placing == null || placing.window() == null) {
        return null;
      }
      Window window = placing.window();
      boolean over = !window.possible() || window.closes().day().isBefore(farm.today());
      return placing.standing().seeding().done() || over
          ? null
          : new SeedingQueues.Waiting(
              field.field().id(),
              window.method(),
              field.field().areaHa(),
              field.asPlanned(plan.plan()).cover(),
              window.closes().day());
    }
  }

  Placed place(FieldCase c, FarmView farm, @Nullable FarmWeather weather, @Nullable PlanView plan) {
    PlanView counts = c.field().leftOutReason() == null ? plan : null;
    return new Placed(
        c,
        counts,
        weather == null
            ? null
            : standings.of(farm, c, weather, counts == null ? null : counts.plan()));
  }

  SeasonView.@Nullable CropShape shape(Placed placed, @Nullable FarmWeather weather) {
    return weather == null || placed.placing() == null
        ? null
        : outlooks.shape(weather, placed.placing().crop(), SeasonViews::shape);
  }

  /**
   * The furrow.
   *
   * @param asked the plan as it was asked for, shown though the weather is lacking
   * @param comeBy when the seeding machine must come; null when none is known
   */
  SeasonView.Furrow furrow(
      FarmView farm,
      Placed placed,
      @Nullable PlanView asked,
      @Nullable FarmWeather weather,
      NextStep.@Nullable ComeBy comeBy) {
    FieldCase c = placed.field();
    Standings.Placing p = placed.placing();
    if (p == null || weather == null) {
      NextStep choose =
          new NextStep(
              NextStep.Kind.CHOOSE,
              null,
              Reason.of("import a station's weather to see windows and odds"));
      return furrow(c, asked, null, null, null, choose);
    }
    CoverPlan cover = p.cover();
    Outlook outlook = cover == null ? null : outlooks.outlook(cover, p.crop(), weather);
    CoverPlan left = p.rest();
    Outlook rest = left == null ? null : outlooks.outlook(left, p.crop(), weather);
    return furrow(c, placed.plan(), p, outlook, rest, next(c, farm, placed.plan(), p, comeBy));
  }

  private static NextStep next(
      FieldCase c,
      FarmView farm,
      @Nullable PlanView plan,
      Standings.Placing placing,
      NextStep.@Nullable ComeBy comeBy) {
    if (c.field().leftOutReason() != null) {
      return new NextStep(
          NextStep.Kind.LEFT_OUT,
          null,
          Reason.of("left out: {why}").with("why", c.field().leftOutReason()));
    }
    Window window = placing.window();
    if (plan == null || window == null) {
      return new NextStep(NextStep.Kind.CHOOSE, null, Reason.of("say why, and how it should end"));
    }
    CoverPlan cover = placing.cover();
    RipeSeen ripe =
        cover == null || placing.standing().ending().done()
            ? null
            : RipeSeen.of(cover, c.way(plan.plan())).orElse(null);
    if (ripe != null) {
      return NextStep.roll(ripe, farm.today());
    }
    return NextStep.of(
        farm.today(),
        window,
        placing.standing(),
        plan.plan().status() == PlanStatus.ACCEPTED,
        c.way(plan.plan()),
        comeBy);
  }

  private SeasonView.Furrow furrow(
      FieldCase c,
      @Nullable PlanView plan,
      Standings.@Nullable Placing placing,
      @Nullable Outlook outlook,
      @Nullable Outlook rest,
      NextStep next) {
    FieldView f = c.field();
    NextCrop nextCrop = c.next();
    CropSeasons crop = placing == null ? null : placing.crop();
    CropSeasons grown = f.crop().kind().equals("none") ? null : crop;
    Window window = placing == null ? null : placing.window();
    return new SeasonView.Furrow(
        f.id(),
        f.piece(),
        f.name(),
        f.areaHa(),
        f.organic(),
        CropKind.of(f.crop().kind()).label(),
        CropKind.of(f.nextCrop().kind()).label(),
        nextCrop.plantOn(),
        f.leftOutReason(),
        SeasonView.SoilView.of(f),
        crop == null ? null : Integer.toHexString(c.crop().hashCode()),
        grown == null ? null : grown.day(grown.harvest().median()),
        grown == null ? null : grown.day(grown.harvest().quantile(0.1)),
        grown == null ? null : grown.day(grown.harvest().quantile(0.9)),
        plan,
        plan == null ? "" : c.words(plan.plan()),
        c.seeded(),
        c.ended(),
        placing == null ? List.of() : SeasonViews.deeds(placing.standing()),
        window == null ? null : SeasonViews.of(window),
        outlook == null ? null : SeasonViews.rounded(outlook.low(), 2),
        outlook == null ? null : SeasonViews.rounded(outlook.middle(), 2),
        outlook == null ? null : SeasonViews.rounded(outlook.high(), 2),
        outlook == null || plan == null
            ? null
            : SeasonViews.goal(FieldCase.purpose(plan.plan()), outlook),
        rest == null || plan == null ? null : rest(plan.plan(), placing, rest),
        new SeasonView.Next(
            next.kind(), next.kind().label(), next.due(), ReasonView.of(next.reason())),
        outlook == null || plan == null ? List.of() : warnings(c, plan.plan(), placing, outlook));
  }

  private static SeasonView.@Nullable Rest rest(
      PlanInput plan, Standings.@Nullable Placing placing, Outlook outlook) {
    if (placing == null || placing.rest() == null) {
      return null;
    }
    return new SeasonView.Rest(
        1 - placing.standing().seeding().share(),
        placing.rest().seedOn(),
        SeasonViews.goal(FieldCase.purpose(plan), outlook));
  }

  private static List<ReasonView> warnings(
      FieldCase c, PlanInput plan, Standings.@Nullable Placing placing, Outlook outlook) {
    if (placing == null || placing.cover() == null || placing.window() == null) {
      return List.of();
    }
    List<Reason> all = new ArrayList<>(c.chemistry(plan, placing.cover()));
    all.addAll(
        PlanWarnings.of(
            placing.cover(),
            c.way(plan),
            placing.window(),
            FieldCase.purpose(plan),
            outlook,
            placing.crop(),
            c.next().kind()));
    return all.stream().map(ReasonView::of).toList();
  }
}
