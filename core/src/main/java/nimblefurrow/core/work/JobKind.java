package nimblefurrow.core.work;

import java.util.Arrays;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import nimblefurrow.core.standing.Deed;
import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/**
 * Kinds of jobs on a field. A cover has one job of a kind, but many things are looked at: a job's
 * name is its kind's key, for a look with what is looked at beside it, such as {@code look:slugs},
 * for a cover behind another of the same season with the id of that cover, and for work of one's
 * own with its id.
 */
public enum JobKind implements Keyed {
  HARVEST("harvest", Deed.HARVEST),
  SEED("seed", Deed.SEEDING),
  END("end", Deed.ENDING),
  SECOND("second", null),
  PLANT("plant", Deed.PLANTING),
  /** Something taken on from a watch list; its name says what. */
  LOOK("look", null),
  /** Work of one's own; its name says which. */
  OWN("own", null);

  private static final String ABOUT = ":";
  private static final Pattern OF_COVER =
      Pattern.compile(":[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$");

  private final String key;
  private final @Nullable Deed deed;

  JobKind(String key, @Nullable Deed deed) {
    this.key = key;
    this.deed = deed;
  }

  @Override
  public String key() {
    return key;
  }

  @Override
  public String toString() {
    return key;
  }

  /** {@return what it does to its field, where that is one of the deeds of a season} */
  public Optional<Deed> deed() {
    return Optional.ofNullable(deed);
  }

  /** {@return whether a field's log of the season says of itself that such a job is done} */
  public boolean ofTheSeason() {
    return this != LOOK && this != OWN;
  }

  /**
   * {@return the name of a job that looks at something}
   *
   * @param about what is looked at
   */
  public static String look(String about) {
    return LOOK.key + ABOUT + about;
  }

  /**
   * {@return the name of work of one's own}
   *
   * @param id of that work
   */
  public static String own(UUID id) {
    return OWN.key + ABOUT + id;
  }

  /**
   * {@return the id of the work of one's own that a job is; empty for other jobs}
   *
   * @param job name of the job on its field
   */
  public static Optional<UUID> ownId(String job) {
    return of(job) == OWN
        ? Optional.of(UUID.fromString(job.substring(job.indexOf(ABOUT) + 1)))
        : Optional.empty();
  }

  /**
   * {@return the name of a job on a cover}
   *
   * @param link id of a cover that stands behind another of its season; null for the first
   */
  public String on(@Nullable UUID link) {
    return link == null ? key : key + ABOUT + link;
  }

  /**
   * {@return the cover a job of a name is on, by its id; null for the first of its season, and for
   * jobs that look and for work of one's own}
   *
   * @param job name of the job on its field
   */
  public static @Nullable UUID link(String job) {
    int at = job.indexOf(ABOUT);
    return at < 0 || of(job) == LOOK || of(job) == OWN
        ? null
        : UUID.fromString(job.substring(at + 1));
  }

  /**
   * {@return what a job of a name looks at; empty for jobs that do not look}
   *
   * @param job name of the job on its field
   */
  public static String about(String job) {
    return job.startsWith(LOOK.key + ABOUT) ? job.substring(LOOK.key.length() + 1) : "";
  }

  /**
   * {@return the kind of a job's name}
   *
   * @param job name of the job on its field
   * @throws Refused when no job has such a name
   */
  public static JobKind of(String job) {
    return about(job).isEmpty()
        ? Arrays.stream(values())
            .filter(k -> k != LOOK && OF_COVER.matcher(job).replaceFirst("").equals(k.key))
            .findFirst()
            .orElseThrow(() -> new Refused("kind", "There is no kind of job called “" + job + "”."))
        : LOOK;
  }
}
