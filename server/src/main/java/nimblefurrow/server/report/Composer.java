package nimblefurrow.server.report;

/** What one kind of report says. */
public interface Composer {
  /** {@return the kind it composes} */
  ReportKind kind();

  /** {@return what it says} */
  ReportText compose(Asked asked);
}
