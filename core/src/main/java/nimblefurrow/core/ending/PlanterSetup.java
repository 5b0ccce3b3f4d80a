package nimblefurrow.core.ending;

import java.util.ArrayList;
import java.util.List;
import nimblefurrow.core.units.Curve;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Unit;

/**
 * Where to begin with a planter in residue; a dig in the first hundred steps decides.
 *
 * @param kgPerRow mass that frame and ballast put on each row unit
 * @param advice settings, each with why
 */
public record PlanterSetup(double kgPerRow, List<Reason> advice) {
  private static final double THICK_MG = 5;
  private static final double THIN_MG = 2;

  /**
   * Mass on a row that cuts what lies on the ground, by its mass in Mg/ha. Working curve: its order
   * of magnitude after the forces of disc openers in Baker and others 2007 (No-tillage seeding in
   * conservation agriculture), 1.0 to 2.4 kN a row.
   */
  private static final Curve CUTS =
      Curve.through(new double[] {0, 2, 5, 8, 12}, new double[] {105, 130, 175, 215, 245});

  public PlanterSetup {
    advice = List.copyOf(advice);
  }

  /**
   * @param frameKg frame, seed and ballast that stand on the rows
   * @param rows row units
   * @param coverMgPerHa dead or alive where it plants
   * @param green whether it stands green, or lies freshly rolled
   * @param wetGround whether the ground is near its limit
   * @return the planter setup
   */
  public static PlanterSetup of(
      double frameKg, int rows, double coverMgPerHa, boolean green, boolean wetGround) {
    Need.positive("frameKg", "The planter's mass", frameKg);
    Need.positive("rows", "The number of rows", rows);
    Need.notNegative("coverMgPerHa", "The cover", coverMgPerHa);
    double perRow = frameKg / rows;
    List<Reason> advice = new ArrayList<>();
    double least = CUTS.at(coverMgPerHa);
    advice.add(
        Reason.of(
                perRow < least
                    ? "{row} on a row is light: about {least} cuts {cover}; add ballast or down force"
                    : "{row} on a row cuts {cover} when the discs are sharp, which takes about {least};"
                        + " begin with down force that just holds depth")
            .with("row", perRow, Unit.KG)
            .with("least", least, Unit.KG)
            .with("cover", coverMgPerHa, Unit.MG_PER_HA));
    if (green) {
      advice.add(
          Reason.of(
              "green or freshly rolled: row cleaners up or floating so that they do not wrap;"
                  + " let the opener cut"));
    } else if (coverMgPerHa >= THIN_MG) {
      advice.add(Reason.of("dead and dry: row cleaners set to move residue, not soil"));
    } else {
      advice.add(Reason.of("thin cover: row cleaners just touching"));
    }
    advice.add(
        wetGround
            ? Reason.of("near its limit: light closing, spiked wheels; smeared walls open again")
            : Reason.of("closing wheels with some teeth: the slot must stay shut in roots"));
    if (coverMgPerHa >= THICK_MG) {
      advice.add(
          Reason.of(
              "usual depth in the soil, not in the mulch: dig and see; drive the way it was rolled"));
    }
    return new PlanterSetup(perRow, advice);
  }
}
