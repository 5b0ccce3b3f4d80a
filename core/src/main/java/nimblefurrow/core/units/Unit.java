package nimblefurrow.core.units;

/** Units that figures carry. All are SI or counted; {@link UnitSystem} turns them into words. */
public enum Unit {
  MG_PER_HA,
  KG_PER_HA,
  HA,
  MM,
  CM,
  CELSIUS,
  DEGREE_DAYS,
  DAYS,
  /** A share of 0..1, said in percent. */
  SHARE,
  /** A count without a unit, such as years. */
  COUNT,
  PER_M2,
  USD_PER_HA,
  /** A mass. */
  KG,
  /** A length of metres. */
  M,
  /** A way on the road. */
  KM,
  /** Money. */
  USD,
  KMH,
  HOURS,
  /** Spray volume. */
  SPRAY_L_PER_HA,
  /** A product measured in litres. */
  PRODUCT_L_PER_HA,
  /** A product measured in kilograms. */
  PRODUCT_KG_PER_HA,
  /** Active ingredient. */
  G_PER_HA
}
