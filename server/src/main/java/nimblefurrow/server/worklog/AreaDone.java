package nimblefurrow.server.worklog;

import nimblefurrow.core.record.EntryFigure;
import nimblefurrow.core.seed.SeedBook;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.fields.FieldView;
import org.jspecify.annotations.Nullable;

/** No more of a field can be done than it has. */
public final class AreaDone {
  private AreaDone() {}

  /**
   * Refuses an area that is larger than the field's.
   *
   * @param where name of the input
   * @param areaHa done; null where it was not told
   */
  public static void check(String where, FieldView field, @Nullable Double areaHa) {
    if (areaHa != null && !SeedBook.fits(areaHa, field.areaHa())) {
      throw new Refused(
          where,
          "%s has %.1f ha (%.0f ac); %.1f ha (%.0f ac) cannot have been done on it."
              .formatted(
                  field.name(),
                  field.areaHa(),
                  field.areaHa() / UnitSystem.HA_PER_ACRE,
                  areaHa,
                  areaHa / UnitSystem.HA_PER_ACRE));
    }
  }

  static void check(FieldView field, EntryView entry) {
    check("figures." + EntryFigure.AREA, field, entry.get(EntryFigure.AREA));
  }
}
