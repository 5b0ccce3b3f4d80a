package nimblefurrow.server.worklog;

import java.util.Arrays;
import java.util.Optional;

/** Kinds of log entry that hold a figure or a stage the season model goes on from. */
public enum SightingKind {
  PLANTS("plants", "plants per m²", 20_000),
  HEIGHT("height", "height in cm", 500),
  COVER("cover", "dry cover in Mg/ha", 40),
  STAGE("stage", "stage", 0);

  private final String key;
  private final String label;
  private final double most;

  SightingKind(String key, String label, double most) {
    this.key = key;
    this.label = label;
    this.most = most;
  }

  /** The kind of a log entry, if it is one of these. */
  public static Optional<SightingKind> of(String kind) {
    return Arrays.stream(values()).filter(k -> k.key.equals(kind)).findFirst();
  }

  String label() {
    return label;
  }

  double most() {
    return most;
  }
}
