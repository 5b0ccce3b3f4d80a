package nimblefurrow.server.report;

import nimblefurrow.core.units.Keyed;

/** A kind of report. */
public enum ReportKind implements Keyed {
  /** All that was done and seen. */
  RECORD("record", "Field record"),
  /** Covers as they were seeded and ended, for cost-share or an insurer. */
  COVERS("covers", "Cover crops: seeding and ending"),
  /** What was sprayed. */
  SPRAYS("sprays", "Spray record"),
  /** Seed and inputs of the organic fields. */
  ORGANIC("organic", "Organic fields: seed and inputs"),
  /** Area under cover by season. */
  ACRES("acres", "Area under cover by season");

  private final String key;
  private final String label;

  ReportKind(String key, String label) {
    this.key = key;
    this.label = label;
  }

  @Override
  public String key() {
    return key;
  }

  @Override
  public String toString() {
    return key;
  }

  /** {@return its title} */
  public String label() {
    return label;
  }
}
