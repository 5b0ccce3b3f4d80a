package nimblefurrow.server.farm;

import java.util.UUID;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Which season is looked at, and which cover of a field. A season is a way of looking, not a
 * setting of the farm: each request may name one, and what goes on by itself remembers the one it
 * was asked in; otherwise it is the season of the farm's day.
 */
@Component
public class Looking {
  /**
   * In place of an id: a cover to come behind those there are; with {@link #FIRST} behind it one
   * before them; with an id behind it one between that cover and the next.
   */
  public static final String NEW = "new";

  /** Before all covers of the season. */
  public static final String FIRST = "-first";

  private final ThreadLocal<@Nullable Integer> season = new ThreadLocal<>();
  private final ThreadLocal<@Nullable String> link = new ThreadLocal<>();

  /** The season that was named; null for that of the farm's day. */
  public @Nullable Integer season() {
    return season.get();
  }

  /**
   * Does something while a season is looked at.
   *
   * @param year null for that of the farm's day
   */
  public <T> T at(@Nullable Integer year, Supplier<T> what) {
    Integer before = season.get();
    set(year);
    try {
      return what.get();
    } finally {
      set(before);
    }
  }

  /**
   * The cover of a field that was named, by its id, or {@link #NEW} for one that is to come; null
   * for the one that is on now.
   */
  public @Nullable String link() {
    return link.get();
  }

  /**
   * Does something while a cover is looked at.
   *
   * @param named its id; null for the one that is on now
   */
  public <T extends @Nullable Object> T on(@Nullable UUID named, Supplier<T> what) {
    String before = link.get();
    setLink(named == null ? null : named.toString());
    try {
      return what.get();
    } finally {
      setLink(before);
    }
  }

  void setLink(@Nullable String named) {
    if (named == null || named.isEmpty()) {
      link.remove();
    } else {
      link.set(named);
    }
  }

  void set(@Nullable Integer year) {
    if (year == null) {
      season.remove();
    } else {
      season.set(year);
    }
  }
}
