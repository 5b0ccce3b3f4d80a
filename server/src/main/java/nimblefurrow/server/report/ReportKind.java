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
  ACRES("acres", "Area under cover by season"),
  /** Which animals were where, and for how long. */
  GRAZING("grazing", "Grazing record"),
  /** Bills and payments, and what is open between them. */
  OWED("owed", "Bills, payments and what is owed"),
  /** What covers cost and bring. */
  MONEY("money", "What covers cost and brought"),
  /** Seed that the plans still need, against what is in the bin. */
  SEED("seed", "Seed order"),
  /** Who does what on which day. */
  CREW("crew", "Crew orders");

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
