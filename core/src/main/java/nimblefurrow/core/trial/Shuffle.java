package nimblefurrow.core.trial;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;

/** The order of treatments: by chance within each block, and the same again from its seed. */
public final class Shuffle {
  private Shuffle() {}

  /**
   * {@return treatments by their place, block after block}
   *
   * @param treatments how many there are
   * @param replicates how many blocks
   * @param seed of the chance
   */
  public static List<List<Integer>> blocks(int treatments, int replicates, long seed) {
    Random luck = new Random(seed);
    List<List<Integer>> all = new ArrayList<>();
    for (int r = 0; r < replicates; r++) {
      List<Integer> block = new ArrayList<>(IntStream.range(0, treatments).boxed().toList());
      Collections.shuffle(block, luck);
      all.add(List.copyOf(block));
    }
    return List.copyOf(all);
  }
}
