package nimblefurrow.server.support;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Days in a sentence as people say them; what is quoted stays as it was sent. */
final class SaidDays {
  private static final Pattern DAY = Pattern.compile("“[^”]*”|\\b(\\d{4}-\\d{2}-\\d{2})\\b(?!T)");
  private static final DateTimeFormatter SAID =
      DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

  private SaidDays() {}

  /** The sentence with such as 4 Oct 2026 where it had 2026-10-04. */
  static String in(String sentence) {
    return DAY.matcher(sentence)
        .replaceAll(
            m -> Matcher.quoteReplacement(m.group(1) == null ? m.group() : said(m.group(1))));
  }

  private static String said(String iso) {
    try {
      return SAID.format(LocalDate.parse(iso));
    } catch (DateTimeException e) {
      return iso;
    }
  }
}
