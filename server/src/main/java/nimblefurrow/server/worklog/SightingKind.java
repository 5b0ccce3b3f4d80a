package nimblefurrow.server.worklog;

import java.util.Arrays;
import java.util.Optional;
import nimblefurrow.core.standing.LogKind;

/** Kinds of log entry that hold a figure or a stage the season model goes on from. */
public enum SightingKind {
  PLANTS(LogKind.PLANTS, "plants per m²", 20_000),
  HEIGHT(LogKind.HEIGHT, "height in cm", 500),
  COVER(LogKind.COVER, "dry cover in Mg/ha", 40),
  STAGE(LogKind.STAGE, "stage", 0);

  private final LogKind kind;
  private final String label;
  private final double most;

  SightingKind(LogKind kind, String label, double most) {
    this.kind = kind;
    this.label = label;
    this.most = most;
  }

  /** The kind of a log entry, if it is one of these. */
  public static Optional<SightingKind> of(LogKind kind) {
    return Arrays.stream(values()).filter(k -> k.kind == kind).findFirst();
  }

  String label() {
    return label;
  }

  double most() {
    return most;
  }
}
