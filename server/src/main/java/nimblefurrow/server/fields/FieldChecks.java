package nimblefurrow.server.fields;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.season.Drainage;
import nimblefurrow.core.season.FieldLimits;
import nimblefurrow.core.season.SeasonDates;
import nimblefurrow.core.season.Texture;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.support.InputProblem;

/** What may be wrong with a field as edited, each with a sentence. */
final class FieldChecks {
  private static final int LONGEST_HAZARDS = 160;

  private final List<InputProblem.At> problems = new ArrayList<>();

  private FieldChecks() {}

  /**
   * @throws InputProblem naming everything that is wrong
   */
  static void check(FieldInput input, int seasonYear) {
    FieldChecks checks = new FieldChecks();
    checks.field(input);
    checks.crop("crop", input.crop(), seasonYear);
    checks.crop("nextCrop", input.nextCrop(), seasonYear + 1);
    if (!checks.problems.isEmpty()) {
      throw new InputProblem(checks.problems);
    }
  }

  /**
   * @throws InputProblem naming everything that is wrong with the crop of a year
   */
  static void check(CropView crop, int seasonYear) {
    FieldChecks checks = new FieldChecks();
    checks.crop("crop", crop, seasonYear);
    if (!checks.problems.isEmpty()) {
      throw new InputProblem(checks.problems);
    }
  }

  private void field(FieldInput input) {
    if (input.name().isBlank()) {
      wrong("name", "A field needs a name.");
    } else if (input.name().length() > 80) {
      wrong("name", "The name is longer than 80 characters.");
    }
    String landlord = input.landlord();
    if (landlord != null && landlord.length() > 80) {
      wrong("landlord", "The landlord's name is longer than 80 characters.");
    }
    String hazards = input.hazards();
    if (hazards != null && hazards.length() > LONGEST_HAZARDS) {
      wrong(
          "hazards",
          "Hazards are said in " + LONGEST_HAZARDS + " characters: a sheet has one line.");
    }
    Double area = input.givenAreaHa();
    if (area != null && !FieldLimits.area(area)) {
      wrong("givenAreaHa", "An area of " + area + " ha is not a field's.");
    }
    if (!FieldLimits.slope(input.slopePercent())) {
      wrong("slopePercent", "A slope of " + input.slopePercent() + " % is not farmed.");
    }
    known("texture", input.texture(), Texture.values());
    known("drainage", input.drainage(), Drainage.values());
    String reason = input.leftOutReason();
    if (reason != null && reason.isBlank()) {
      wrong("leftOutReason", "Say why the field is left out this year.");
    }
  }

  private void known(String path, String key, Enum<?>[] values) {
    for (Enum<?> value : values) {
      if (Keys.of(value).equals(key)) {
        return;
      }
    }
    wrong(path, "There is no " + path + " called “" + key + "”.");
  }

  private void crop(String path, CropView crop, int seasonYear) {
    CropKind kind;
    try {
      kind = CropKind.of(crop.kind());
    } catch (Refused e) {
      wrong(path + ".kind", "There is no crop called “" + crop.kind() + "”.");
      return;
    }
    LocalDate planted = crop.plantedOn();
    LocalDate harvest = crop.harvestOn();
    if (planted != null) {
      SeasonDates.Range season =
          kind == CropKind.SMALL_GRAIN
              ? SeasonDates.sowingOfGrain(seasonYear)
              : SeasonDates.planting(seasonYear);
      if (!season.holds(planted)) {
        wrong(
            path + ".plantedOn",
            "%s planted on %s is outside %s to %s, the season it is for."
                .formatted(capital(kind.label()), planted, season.first(), season.last()));
      }
    }
    // Where no day is given a usual one counts, and a crop cannot be off before that either.
    LocalDate sown = kind.plantedOn(planted, seasonYear);
    if (kind != CropKind.NONE && harvest != null && !harvest.isAfter(sown)) {
      wrong(
          path + ".harvestOn",
          "Harvest on %s lies before planting on %s%s."
              .formatted(
                  harvest, sown, planted == null ? ", as is usual: say when it was planted" : ""));
    } else if (harvest != null && !SeasonDates.harvest(seasonYear).holds(harvest)) {
      wrong(
          path + ".harvestOn",
          "Harvest on %s is outside May %d to January %d."
              .formatted(harvest, seasonYear, seasonYear + 1));
    }
    maturity(path, kind, crop.maturity());
    Double rows = crop.rowSpacingM();
    if (rows != null && !FieldLimits.rowSpacing(rows)) {
      wrong(path + ".rowSpacingM", "Rows of " + rows + " m: between 0.1 and 2 m.");
    }
  }

  private void maturity(
      String path, CropKind kind, @org.jspecify.annotations.Nullable Double maturity) {
    if (maturity == null) {
      return;
    }
    boolean corn = kind == CropKind.CORN || kind == CropKind.SILAGE_CORN;
    if (corn && !FieldLimits.cornMaturity(maturity)) {
      wrong(path + ".maturity", "Corn maturity of " + maturity + " is not 60 to 130 days.");
    }
    if (kind == CropKind.SOYBEAN && !FieldLimits.soybeanGroup(maturity)) {
      wrong(path + ".maturity", "Soybean maturity group " + maturity + " is not −2 to 8.");
    }
  }

  private static String capital(String text) {
    return Character.toUpperCase(text.charAt(0)) + text.substring(1);
  }

  private void wrong(String path, String sentence) {
    problems.add(new InputProblem.At(path, sentence));
  }
}
