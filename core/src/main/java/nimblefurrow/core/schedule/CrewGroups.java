package nimblefurrow.core.schedule;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import nimblefurrow.core.schedule.WorkProblem.Machine;

/** Groups of people that alone run some machines: their hours limit those machines together. */
final class CrewGroups {
  private static final int MOST = 24;

  private CrewGroups() {}

  /** Those of each machine, unions of them, and everyone; small groups first. */
  static List<Set<Integer>> of(WorkProblem problem) {
    Set<Set<Integer>> groups = new LinkedHashSet<>();
    for (Machine m : problem.machines()) {
      if (!m.runBy().isEmpty()) {
        groups.add(m.runBy());
      }
    }
    List<Set<Integer>> first = new ArrayList<>(groups);
    for (Set<Integer> a : first) {
      for (Set<Integer> b : first) {
        Set<Integer> both = new HashSet<>(a);
        both.addAll(b);
        if (groups.size() < MOST) {
          groups.add(Set.copyOf(both));
        }
      }
    }
    Set<Integer> all = new HashSet<>();
    first.forEach(all::addAll);
    if (!all.isEmpty()) {
      groups.add(Set.copyOf(all));
    }
    return new ArrayList<>(groups);
  }
}
