package nimblefurrow.server.nutrient;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.nutrient.FedCover;
import nimblefurrow.core.nutrient.NitrogenKnown;
import nimblefurrow.core.nutrient.NitrogenLedger;
import nimblefurrow.core.nutrient.Spreading;
import nimblefurrow.core.outlook.CoverNitrogenYears;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.price.PriceBook;
import nimblefurrow.core.price.Priced;
import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.record.EntryName;
import nimblefurrow.core.record.LogKind;
import nimblefurrow.core.record.SpreadHow;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.standing.DeedStanding;
import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Spread;
import nimblefurrow.core.weather.DailyWeather;
import nimblefurrow.server.price.PriceService;
import nimblefurrow.server.season.PlannedFields;
import nimblefurrow.server.season.PlannedFields.PlannedField;
import nimblefurrow.server.support.ReasonView;
import nimblefurrow.server.worklog.EntryView;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Ledgers of nitrogen out of the record and the model. Callers have checked who asks. */
@Service
class NitrogenLedgers {
  private final PlannedFields planned;
  private final PriceService prices;

  NitrogenLedgers(PlannedFields planned, PriceService prices) {
    this.planned = planned;
    this.prices = prices;
  }

  /** A field's ledger. */
  LedgerViews.NitrogenLedgerView of(UUID farmId, UUID fieldId) {
    PlannedField f = planned.one(farmId, fieldId);
    NitrogenKnown known = known(f);
    NitrogenLedger ledger = NitrogenLedger.of(known);
    CropKind crop = CropKind.of(f.field().nextCrop().kind());
    String name = f.cropFollows() ? crop.label() : "what follows";
    double price = prices.of(farmId).usd(Priced.NITROGEN);
    return new LedgerViews.NitrogenLedgerView(
        name,
        f.next().plantOn(),
        ledger.lines().stream()
            .map(
                l ->
                    new LedgerViews.NitrogenLineView(
                        l.source(),
                        l.source().label(),
                        ReasonView.of(l.words()),
                        l.brought(),
                        l.lost(),
                        l.held(),
                        l.available(),
                        l.low(),
                        l.high()))
            .toList(),
        ledger.weeks().stream()
            .map(w -> new LedgerViews.NitrogenWeek(w.on(), w.low(), w.middle(), w.high()))
            .toList(),
        ledger.low(),
        ledger.available(),
        ledger.high(),
        ReasonView.of(ledger.credit(name, f.cropFollows() && crop == CropKind.SOYBEAN, price)),
        missing(f, known));
  }

  private static List<String> missing(PlannedField f, NitrogenKnown known) {
    List<String> all = new ArrayList<>();
    if (known.tests().isEmpty()) {
      all.add("a nitrate test of the soil (soil looked at)");
    }
    NitrogenKnown.CoverNitrogen cover = known.cover();
    if (cover != null && cover.clipped() == null) {
      all.add("the nitrogen of clipped tops (cover clipped and dried)");
    }
    boolean unknown =
        f.log().entries().stream()
            .anyMatch(e -> e.kind() == LogKind.MANURED && e.get(EntryFigure.NITROGEN) == null);
    if (unknown) {
      all.add("the nitrogen in the manure, by its analysis (manure spread)");
    }
    return all;
  }

  private NitrogenKnown known(PlannedField f) {
    List<NitrogenKnown.SoilTest> tests = new ArrayList<>();
    List<Spreading> spread = new ArrayList<>();
    NitrogenKnown.Clipped clipped = null;
    DeedStanding harvest = f.standing().harvest();
    for (EntryView e : f.log().entries()) {
      // What went on the crop before was the crop's.
      if (harvest.state() != DeedStanding.State.NONE && e.doneOn().isBefore(harvest.day())) {
        continue;
      }
      Double nitrate = e.get(EntryFigure.SOIL_NITRATE);
      if (nitrate != null) {
        tests.add(new NitrogenKnown.SoilTest(e.doneOn(), nitrate));
      }
      Double brought = e.get(EntryFigure.NITROGEN);
      if (brought != null) {
        spread.add(spread(f, e, brought));
      }
      Double share = e.get(EntryFigure.TOPS_NITROGEN);
      Double mass = e.get(EntryFigure.COVER);
      if (share != null && mass != null) {
        clipped = new NitrogenKnown.Clipped(mass, share);
      }
    }
    CoverPlan cover = f.cover();
    EndingMethod way = f.ending();
    return new NitrogenKnown(
        tests,
        spread,
        cover == null || way == null || !way.modelled()
            ? null
            : CoverNitrogenYears.of(planned.forecaster(), cover, f.crop(), way, clipped));
  }

  private static Spreading spread(PlannedField f, EntryView e, double nitrogenKgPerHa) {
    String how = e.get(EntryName.SPREAD);
    return new Spreading(
        e.doneOn(),
        e.kind() == LogKind.MANURED,
        nitrogenKgPerHa,
        e.get(EntryFigure.AMMONIUM),
        how == null ? null : Keyed.find(SpreadHow.values(), how).orElse(null),
        e.get(EntryFigure.WORKED_IN),
        cool(f.weather().record(), e.doneOn()));
  }

  /** Whether a day was cool; one that is not in the record is not. */
  private static boolean cool(@Nullable DailyWeather record, LocalDate day) {
    if (record == null || day.isBefore(record.start()) || day.isAfter(record.end())) {
      return false;
    }
    return Spreading.cool(record.meanC(record.indexOf(day)));
  }

  /** What feeding the cover brings. */
  LedgerViews.FedView fed(UUID farmId, UUID fieldId, LedgerViews.FeedingQuestion q) {
    PlannedField f = planned.one(farmId, fieldId);
    CoverPlan cover = f.cover();
    Spread mulch = planned.worth(f, Purpose.SMOTHER_WEEDS);
    if (cover == null || mulch == null) {
      throw new Refused("", "There is no cover to feed.");
    }
    if (cover.cover().stream().allMatch(c -> c.species().legume())) {
      throw new Refused("", "Legumes make their own nitrogen: feeding them grows nothing.");
    }
    PriceBook book = prices.of(farmId);
    double perKg = q.kgPerKg() == null ? FedCover.USUAL_KG_PER_KG : q.kgPerKg();
    double target = Purpose.SMOTHER_WEEDS.target();
    FedCover fed =
        FedCover.of(
            mulch,
            target,
            q.nitrogenKgPerHa(),
            perKg,
            book.usd(Priced.NITROGEN),
            book.usd(Priced.SPREADING));
    return new LedgerViews.FedView(
        fed.moreMgPerHa(),
        fed.usdPerHa(),
        fed.metBefore(),
        fed.metAfter(),
        fed.years(),
        target,
        perKg);
  }
}
