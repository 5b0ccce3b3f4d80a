package nimblefurrow.server.feed;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.ReasonView;
import org.jspecify.annotations.Nullable;

/** Grazing as it goes over the wire. */
public final class GrazingViews {
  private GrazingViews() {}

  /** Days on which animals may not be on it. */
  public record BarredDays(LocalDate from, LocalDate to, ReasonView why) {}

  /**
   * A group on a cover.
   *
   * @param needKg dry feed it eats
   * @param lowKg there for it when it comes, one year in ten less
   * @param feedKg in the middle year
   * @param highKg one year in ten more
   * @param enough in how many of the years that is enough
   * @param hungry whether it goes short in more years than not
   * @param fit in how many of them the ground carries when it comes
   */
  public record GroupView(
      UUID id,
      @Nullable Long version,
      String name,
      int head,
      double headKg,
      LocalDate inOn,
      LocalDate outOn,
      double animalDays,
      double needKg,
      double lowKg,
      double feedKg,
      double highKg,
      int enough,
      boolean hungry,
      int fit,
      int years,
      List<BarredDays> barred,
      List<ReasonView> cautions) {}

  /**
   * All groups of a field's cover.
   *
   * @param planId the cover; null where none is planned
   * @param from first day of the picture
   * @param to last day it stands
   */
  public record GrazingView(
      @Nullable UUID planId, LocalDate from, LocalDate to, List<GroupView> groups) {}

  /** A group as it is sent. */
  public record GroupInput(
      @Nullable Long version,
      UUID planId,
      String name,
      int head,
      double headKg,
      LocalDate inOn,
      LocalDate outOn) {}
}
