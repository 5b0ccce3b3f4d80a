package nimblefurrow.core.work;

/** Kinds of jobs on a field. */
public enum JobKind {
  HARVEST("harvest"),
  SEED("seed"),
  END("end"),
  SECOND("second"),
  PLANT("plant"),
  /** Something taken on from a watch list; its key says what. */
  LOOK("look");

  private static final String ABOUT = ":";

  private final String key;

  JobKind(String key) {
    this.key = key;
  }

  /** The name of such a job on the wire. */
  public String key() {
    return key;
  }

  /** The name of a job that looks at something. */
  public static String look(String about) {
    return LOOK.key + ABOUT + about;
  }

  /** What a job looks at; empty for jobs that do not look. */
  public static String about(String job) {
    return job.startsWith(LOOK.key + ABOUT) ? job.substring(LOOK.key.length() + 1) : "";
  }

  /** Whether a job is of this kind. */
  public boolean is(String job) {
    return this == LOOK ? !about(job).isEmpty() : key.equals(job);
  }
}
