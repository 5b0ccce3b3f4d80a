package nimblefurrow.server.report;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** Days as reports say them, with their year. */
public final class ReportDays {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

  private ReportDays() {}

  /** Such as 4 Oct 2026. */
  public static String say(LocalDate day) {
    return DAY.format(day);
  }
}
