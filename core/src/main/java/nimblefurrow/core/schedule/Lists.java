package nimblefurrow.core.schedule;

import java.util.Arrays;

/**
 * A plan as the search holds it: an ordered list of jobs for each machine; a job may have to wait
 * for a day. Changed in place, copied whole.
 */
final class Lists {
  /** Job indices by machine, in order. */
  final int[][] jobs;

  /** How many of them. */
  final int[] size;

  /** The option each job is done by; −1 where it is left out. */
  final int[] option;

  /** The day each job waits for. */
  final int[] notBefore;

  Lists(int machines, int count) {
    jobs = new int[machines][count];
    size = new int[machines];
    option = new int[count];
    notBefore = new int[count];
    Arrays.fill(option, -1);
  }

  void copyFrom(Lists other) {
    for (int m = 0; m < jobs.length; m++) {
      System.arraycopy(other.jobs[m], 0, jobs[m], 0, other.size[m]);
    }
    System.arraycopy(other.size, 0, size, 0, size.length);
    System.arraycopy(other.option, 0, option, 0, option.length);
    System.arraycopy(other.notBefore, 0, notBefore, 0, notBefore.length);
  }

  void insert(int machine, int at, int job, int way) {
    int[] list = jobs[machine];
    System.arraycopy(list, at, list, at + 1, size[machine] - at);
    list[at] = job;
    size[machine]++;
    option[job] = way;
  }

  void remove(int machine, int at) {
    int[] list = jobs[machine];
    option[list[at]] = -1;
    System.arraycopy(list, at + 1, list, at, size[machine] - at - 1);
    size[machine]--;
  }

  int indexOf(int machine, int job) {
    for (int i = 0; i < size[machine]; i++) {
      if (jobs[machine][i] == job) {
        return i;
      }
    }
    return -1;
  }
}
