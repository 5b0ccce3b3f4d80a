package nimblefurrow.core.cover;

import java.util.List;

/**
 * The named stages of a kind of plant, each at a fraction of the sum that leads to the key stage.
 *
 * @param name {@code cereal} or {@code broadleaf}
 * @param stages in order of ripening
 */
public record StageScale(String name, List<Stage> stages) {
  /**
   * One stage.
   *
   * @param name as growers say it, such as {@code mid-anthesis}
   * @param fraction of the photothermal sum of the key stage, 1 at the key stage itself
   */
  public record Stage(String name, double fraction) {}

  /** Name of the cereals' scale. */
  public static final String CEREAL = "cereal";

  private static final double VIABLE_CEREAL_SEED = 1.36;
  private static final double VIABLE_BROADLEAF_SEED = 1.33;

  public StageScale {
    stages = List.copyOf(stages);
  }

  /** {@return whether this is the scale of cereals} */
  public boolean cereal() {
    return name.equals(CEREAL);
  }

  /**
   * {@return the stage from which seed that falls comes up: soft dough in cereals, past late pod in
   * broadleaves} One value, whoever asks.
   */
  public double viableSeedFrom() {
    return cereal() ? VIABLE_CEREAL_SEED : VIABLE_BROADLEAF_SEED;
  }

  /** {@return the index of the key stage (fraction 1)} */
  public int keyIndex() {
    for (int i = 0; i < stages.size(); i++) {
      if (stages.get(i).fraction() == 1.0) {
        return i;
      }
    }
    throw new IllegalStateException("scale " + name + " has no key stage");
  }

  /**
   * {@return the index of a named stage}
   *
   * @param stage stage, by name or as a fraction of its key sum
   * @throws IllegalArgumentException when the scale has no such stage
   */
  public int indexOf(String stage) {
    for (int i = 0; i < stages.size(); i++) {
      if (stages.get(i).name().equals(stage)) {
        return i;
      }
    }
    throw new IllegalArgumentException("no stage " + stage + " on the " + name + " scale");
  }
}
