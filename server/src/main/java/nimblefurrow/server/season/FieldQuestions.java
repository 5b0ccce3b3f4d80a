package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.count.StandCount;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.outlook.AfterEnding;
import nimblefurrow.core.outlook.DateOdds;
import nimblefurrow.core.outlook.FeedOnHand;
import nimblefurrow.core.outlook.Goal;
import nimblefurrow.core.outlook.Outlook;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.outlook.Stand;
import nimblefurrow.core.outlook.YearByYear;
import nimblefurrow.core.season.CropSeasons;
import nimblefurrow.core.season.Sighting;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethods;
import nimblefurrow.core.seeding.Window;
import nimblefurrow.core.seeding.WindowFinder;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.units.Usual;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.support.ReasonView;
import nimblefurrow.server.weather.FarmWeather;
import nimblefurrow.server.weather.WeatherService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Questions a grower asks of one field and a plan for it. Callers have checked who asks. */
@Service
class FieldQuestions {
  private final FarmService farms;
  private final FieldCases cases;
  private final WeatherService weathers;
  private final Outlooks outlooks;
  private final FarmRules rules;

  FieldQuestions(
      FarmService farms,
      FieldCases cases,
      WeatherService weathers,
      Outlooks outlooks,
      FarmRules rules) {
    this.rules = rules;
    this.farms = farms;
    this.cases = cases;
    this.weathers = weathers;
    this.outlooks = outlooks;
  }

  private record Asked(FarmView farm, FarmWeather weather, CropSeasons crop, CoverPlan plan) {}

  private Asked asked(UUID farmId, UUID fieldId, PlanInput plan) {
    FarmView farm = farms.see(farmId);
    FieldCase c = cases.of(farm, fieldId);
    FarmWeather weather = weathers.of(farm);
    return new Asked(farm, weather, outlooks.crop(c.crop(), weather), c.asPlanned(plan));
  }

  /**
   * By which day each way of seeding still reaches a goal; the plan's purpose when none is given.
   */
  FieldAnswers.DateOddsView dates(
      UUID farmId, UUID fieldId, PlanInput plan, @Nullable GoalInput wish) {
    Asked a = asked(farmId, fieldId, plan);
    Goal goal = wish == null ? Goal.of(FieldCase.purpose(plan)) : wish.goal(a.farm().seasonYear());
    int years = a.crop().years().size();
    List<FieldAnswers.MethodOdds> methods =
        DateOdds.of(
                outlooks.forecaster(),
                new WindowFinder(a.weather().climate(), a.crop()),
                a.plan(),
                a.crop(),
                a.farm().today(),
                goal)
            .stream()
            .map(FieldQuestions::view)
            .toList();
    return new FieldAnswers.DateOddsView(
        goal.measure().words(),
        goal.target(),
        goal.measure().unit(),
        day(goal.measure()),
        years,
        goal.wanted(years),
        methods);
  }

  private static @Nullable LocalDate day(Goal.Measure measure) {
    if (measure instanceof Goal.CoverOn c) {
      return c.day();
    }
    return measure instanceof Goal.GroundOn g ? g.day() : null;
  }

  private static FieldAnswers.MethodOdds view(DateOdds d) {
    return new FieldAnswers.MethodOdds(
        d.method().key(),
        d.method().label(),
        d.thickness(),
        d.cover().stream()
            .map(c -> new PlanInput.Component(c.species().id(), c.rateKgPerHa()))
            .toList(),
        d.seedUsdPerHa(),
        d.points().stream().map(p -> new FieldAnswers.OddsPoint(p.day(), p.met())).toList(),
        d.latest());
  }

  /** What is left of the cover after its ending. */
  FieldAnswers.AfterView after(UUID farmId, UUID fieldId, PlanInput plan) {
    Asked asked = asked(farmId, fieldId, plan);
    EndingMethod way = EndingMethod.of(plan.ending());
    AfterEnding a = AfterEnding.of(outlooks.forecaster(), asked.plan(), asked.crop(), way);
    boolean forWeeds = FieldCase.purpose(plan) == Purpose.SMOTHER_WEEDS;
    return new FieldAnswers.AfterView(
        way.key(),
        way.label(),
        a.on(),
        asked.plan().plantOn(),
        a.years(),
        range(a.kill()),
        a.mulch().stream().map(FieldQuestions::range).toList(),
        a.living().stream().map(Spread::median).toList(),
        forWeeds ? Purpose.SMOTHER_WEEDS.target() : rules.of(farmId).weedMulchMgPerHa(),
        rules.of(farmId).weedMulchMgPerHa(),
        range(a.mulchAtPlanting()),
        range(a.livingAtPlanting()),
        range(a.waterTakenMm()),
        range(a.topSoilWetness()),
        range(a.nitrogenKgPerHa()),
        a.fitAtPlanting(),
        a.byDate().stream()
            .map(d -> new FieldAnswers.OnDate(d.day(), range(d.mulch()), range(d.kill())))
            .toList());
  }

  /** Feed on hand from October on, and how long cattle would live on it. */
  FieldAnswers.FeedOnHandView feed(UUID farmId, UUID fieldId, FieldAnswers.FeedQuestion q) {
    Need.positive("head", "The number of head", q.head());
    Need.positive("rationKg", "What each eats a day", q.rationKg());
    Asked a = asked(farmId, fieldId, q.plan());
    double area = cases.of(a.farm(), fieldId).field().areaHa();
    return new FieldAnswers.FeedOnHandView(
        FeedOnHand.LEFT_MG_PER_HA,
        FeedOnHand.TRODDEN,
        FeedOnHand.of(outlooks.forecaster(), a.plan(), a.crop()).stream()
            .map(
                f ->
                    new FieldAnswers.FeedDay(
                        f.day(),
                        new FieldAnswers.Range(f.mgPerHa(0.1), f.mgPerHa(0.5), f.mgPerHa(0.9)),
                        new FieldAnswers.Range(
                            f.days(0.1, area, q.head(), q.rationKg()),
                            f.days(0.5, area, q.head(), q.rationKg()),
                            f.days(0.9, area, q.head(), q.rationKg()))))
            .toList());
  }

  /** Every year behind a purpose's odds. */
  FieldAnswers.WhyView why(UUID farmId, UUID fieldId, PlanInput plan, String purposeKey) {
    Asked a = asked(farmId, fieldId, plan);
    Purpose purpose = Purpose.of(purposeKey);
    return new FieldAnswers.WhyView(
        purpose.key(),
        purpose.label(),
        purpose.measure(),
        purpose.unit(),
        purpose.target(),
        outlooks.outlook(a.plan(), a.crop(), a.weather()).met(purpose, purpose.target()),
        YearByYear.of(outlooks.forecaster(), a.plan(), a.crop(), purpose).stream()
            .map(
                y ->
                    new FieldAnswers.YearView(
                        y.pastYear(),
                        y.measure(),
                        y.met(),
                        y.harvestedOn(),
                        y.seededOn(),
                        y.emergedOn(),
                        y.emergedShare(),
                        y.winterSurvival(),
                        y.coverMgPerHa()))
            .toList());
  }

  /** Judges a count of the stand, and what seeding again today would still give. */
  FieldAnswers.StandView stand(
      UUID farmId, UUID fieldId, PlanInput plan, FieldAnswers.StandQuestion q) {
    Asked a = asked(farmId, fieldId, plan);
    CoverPlan cover = a.plan();
    double live = cover.cover().stream().mapToDouble(CoverComponent::liveSeedsPerM2).sum();
    StandCount count =
        StandCount.of(
            q.counts(),
            q.frameM2(),
            live,
            q.confidence() == null ? Usual.of("confidence") : q.confidence());
    Stand.Judged judged = Stand.judge(cover.cover(), count.plantsPerM2());
    Purpose purpose = FieldCase.purpose(plan);
    LocalDate today = a.farm().today();
    Outlook asItIs = outlooks.outlook(seen(cover, count, today), a.crop(), a.weather());
    List<Species> species = cover.cover().stream().map(CoverComponent::species).toList();
    Window window =
        new WindowFinder(a.weather().climate(), a.crop())
            .find(species, SeedingMethods.mending(), cover.soil());
    boolean open = window.possible() && !window.closes().day().isBefore(today);
    LocalDate again = window.opens().day().isBefore(today) ? today : window.opens().day();
    Integer reseeded = null;
    if (open && again.isBefore(cover.endOn())) {
      CoverPlan second =
          cover.seeded(SeedingMethods.mending(), cover.coverFor(SeedingMethods.mending()), again);
      reseeded = outlooks.outlook(second, a.crop(), a.weather()).met(purpose, purpose.target());
    }
    return new FieldAnswers.StandView(
        count.plantsPerM2(),
        count.low(),
        count.high(),
        count.shareOfLiveSeed(),
        count.frames(),
        switch (judged.verdict()) {
          case GOOD -> "good";
          case THIN_BUT_TILLERS -> "thinButTillers";
          case RESEED -> "reseed";
        },
        ReasonView.of(judged.reason()),
        asItIs.years(),
        asItIs.met(purpose, purpose.target()),
        reseeded,
        ReasonView.of(
            open
                ? Reason.of("it can still be drilled from {from} to {to}")
                    .with("from", again)
                    .with("to", window.closes().day())
                : window.closes().reason()));
  }

  /** The plan with the count shared out among its species as they were seeded. */
  private static CoverPlan seen(CoverPlan plan, StandCount count, LocalDate today) {
    if (!today.isAfter(plan.seedOn())) {
      return plan;
    }
    double all = plan.cover().stream().mapToDouble(CoverComponent::liveSeedsPerM2).sum();
    List<Sighting> seen = new ArrayList<>(plan.seen());
    for (int i = 0; i < plan.cover().size(); i++) {
      double share = plan.cover().get(i).liveSeedsPerM2() / all;
      seen.add(new Sighting.Plants(today, i, share * count.plantsPerM2()));
    }
    return plan.seeing(seen);
  }

  private static FieldAnswers.Range range(Spread s) {
    return new FieldAnswers.Range(s.quantile(0.1), s.median(), s.quantile(0.9));
  }
}
