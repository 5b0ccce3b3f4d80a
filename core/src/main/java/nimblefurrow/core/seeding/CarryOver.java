package nimblefurrow.core.seeding;

import static nimblefurrow.core.units.CsvTable.number;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import nimblefurrow.core.cover.Family;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.units.CsvTable;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;
import org.apache.commons.csv.CSVRecord;

/**
 * Which residual herbicides of the cash crop hurt which covers, and for how long. Working values.
 */
public final class CarryOver {
  /** Where nobody has seen it, a cover is taken to be up so long after seeding. */
  private static final int USUALLY_UP_DAYS = 10;

  private final List<Row> rows;

  private CarryOver(List<Row> rows) {
    this.rows = List.copyOf(rows);
  }

  /**
   * One line of the table.
   *
   * @param residual group of active ingredients
   * @param family of the cover
   * @param waitDays from spraying to seeding
   * @param risk what happens before that
   */
  public record Row(String residual, Family family, int waitDays, String risk) {}

  /** Something sprayed on the field. */
  public record Sprayed(String residual, LocalDate on) {}

  /** {@return the table that ships} */
  public static CarryOver shipped() {
    List<Row> rows = new ArrayList<>();
    for (CSVRecord r : CsvTable.shipped("carryover.csv")) {
      rows.add(
          new Row(
              r.get("residual"),
              Family.valueOf(r.get("family").toUpperCase(Locale.ROOT)),
              (int) number(r, "wait_days"),
              r.get("risk")));
    }
    return new CarryOver(rows);
  }

  /** {@return all lines} */
  public List<Row> rows() {
    return rows;
  }

  /**
   * {@return what was sprayed that is still too fresh for a cover on its seeding day}
   *
   * @param sprayed residuals sprayed
   * @param cover components of the cover
   * @param seedOn day of seeding
   */
  public List<Reason> risks(List<Sprayed> sprayed, List<Species> cover, LocalDate seedOn) {
    List<Reason> found = new ArrayList<>();
    for (Sprayed s : sprayed) {
      long since = ChronoUnit.DAYS.between(s.on(), seedOn);
      for (Row row : rows) {
        for (Species species : cover) {
          if (row.residual().equals(s.residual())
              && row.family() == species.family()
              && since < row.waitDays()) {
            found.add(
                Reason.of(
                        "{species} {since} after a residual of the {group} group, which wants {wait}:"
                            + " {risk}; check the rotation section of the label")
                    .with("species", species.name())
                    .with("since", since, Unit.DAYS)
                    .with("group", row.residual())
                    .with("wait", row.waitDays(), Unit.DAYS)
                    .with("risk", row.risk()));
          }
        }
      }
    }
    return found;
  }

  /**
   * A time in which something sprayed may still hurt a species.
   *
   * @param until the first day on which it is over
   */
  public record Wait(String residual, Species species, LocalDate from, LocalDate until) {}

  /**
   * {@return how long each of a cover's species has to wait, the longest of each residual; only
   * what has to wait at all}
   *
   * @param sprayed residuals sprayed
   * @param cover components of the cover
   */
  public List<Wait> waits(List<Sprayed> sprayed, List<Species> cover) {
    List<Wait> found = new ArrayList<>();
    for (Sprayed s : sprayed) {
      rows.stream()
          .filter(r -> r.residual().equals(s.residual()) && r.waitDays() > 0)
          .flatMap(
              r ->
                  cover.stream()
                      .filter(c -> c.family() == r.family())
                      .map(c -> new Wait(r.residual(), c, s.on(), s.on().plusDays(r.waitDays()))))
          .max(Comparator.comparing(Wait::until))
          .ifPresent(found::add);
    }
    return found;
  }

  /**
   * {@return a burndown after seeding of a cover that comes up as usual}
   *
   * @param sprayOn day of the spray
   * @param seededOn day of seeding
   */
  public static Reason burndownAfterSeeding(LocalDate sprayOn, LocalDate seededOn) {
    return burndownAfterSeeding(sprayOn, seededOn, seededOn.plusDays(USUALLY_UP_DAYS));
  }

  /**
   * {@return a burndown after seeding: before the cover is up it only takes weeds, after that it
   * takes the cover}
   *
   * @param sprayOn day of the spray
   * @param seededOn day of seeding
   * @param emerges day the cover comes up
   */
  public static Reason burndownAfterSeeding(
      LocalDate sprayOn, LocalDate seededOn, LocalDate emerges) {
    if (sprayOn.isBefore(seededOn)) {
      return Reason.of("a burndown before seeding is safe for the cover");
    }
    return sprayOn.isBefore(emerges)
        ? Reason.of(
                "a burndown on {day} is before the cover is up, about {up}: safe for it, if it leaves nothing in the soil")
            .with("day", sprayOn)
            .with("up", emerges)
        : Reason.of("a burndown on {day} would take the cover, which is up about {up}")
            .with("day", sprayOn)
            .with("up", emerges);
  }
}
