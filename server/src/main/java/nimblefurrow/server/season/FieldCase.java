package nimblefurrow.server.season;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import nimblefurrow.core.cover.CoverComponent;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.ending.EndingWay;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.season.CashCrop;
import nimblefurrow.core.season.Drainage;
import nimblefurrow.core.season.FieldStart;
import nimblefurrow.core.season.Soil;
import nimblefurrow.core.season.Texture;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.server.fields.CropKind;
import nimblefurrow.server.fields.CropView;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.fields.Keys;
import nimblefurrow.server.plan.PlanInput;
import org.jspecify.annotations.Nullable;

/** A stored field and plan as the core takes them. */
record FieldCase(FieldView field, int seasonYear, Map<String, LocalDate> done, SpeciesTable table) {
  private static final double USUAL_GERMINATION = 0.90;
  private static final double USUAL_PURITY = 0.98;

  Soil soil() {
    return new Soil(
        Keys.constant(Texture.class, field.texture()),
        Keys.constant(Drainage.class, field.drainage()),
        field.tiled());
  }

  CashCrop crop() {
    CropView crop = field.crop();
    LocalDate seen = done.get("harvested");
    CropView observed =
        seen == null
            ? crop
            : new CropView(
                crop.kind(), crop.plantedOn(), crop.maturity(), crop.rowSpacingM(), seen);
    return CropKind.model(observed, seasonYear);
  }

  NextCrop next() {
    return CropKind.next(field.nextCrop(), seasonYear + 1);
  }

  @Nullable LocalDate seeded() {
    return done.get("seeded");
  }

  @Nullable LocalDate ended() {
    return done.get("ended");
  }

  CoverPlan cover(PlanInput plan) {
    LocalDate seeded = seeded();
    LocalDate ended = ended();
    return new CoverPlan(
        soil(),
        FieldStart.USUAL,
        plan.components().stream()
            .map(
                c ->
                    new CoverComponent(
                        table.get(c.species()),
                        c.rateKgPerHa(),
                        USUAL_GERMINATION,
                        USUAL_PURITY,
                        null))
            .toList(),
        SeedingMethod.of(plan.method()),
        seeded == null ? plan.seedOn() : seeded,
        ended == null ? plan.endOn() : ended,
        next().plantOn());
  }

  List<Species> species(PlanInput plan) {
    return plan.components().stream().map(c -> table.get(c.species())).toList();
  }

  static Purpose purpose(PlanInput plan) {
    return Purpose.of(plan.purposes().get(0));
  }

  /** Such as “rye and vetch, drill after harvest; spray early, plant brown”. */
  String words(PlanInput plan) {
    List<String> names = species(plan).stream().map(Species::name).toList();
    String cover =
        names.size() == 1
            ? names.get(0)
            : String.join(", ", names.subList(0, names.size() - 1))
                + " and "
                + names.get(names.size() - 1).toLowerCase(java.util.Locale.ROOT);
    return cover
        + ", "
        + SeedingMethod.of(plan.method()).label()
        + "; "
        + EndingWay.of(plan.ending()).label();
  }
}
