package nimblefurrow.core.schedule;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/**
 * What is to be laid out: jobs on machines run by people, over some days. Hours of machines and
 * people are those that weather, daylight and other work leave them.
 *
 * @param start first day
 * @param days how many
 * @param people who work
 * @param machines what with; in the order in which they are given people
 * @param jobs what is to be done
 * @param usdPerKm of moving a machine on the road
 * @param usdPerMove price of moving a job away from a kept plan
 */
public record WorkProblem(
    LocalDate start,
    int days,
    List<Person> people,
    List<Machine> machines,
    List<Job> jobs,
    double usdPerKm,
    double usdPerMove) {
  private static final int MOST_DAYS = 400;

  /** Nobody drives out for less, unless that is all there is to do, h. */
  public static final double LEAST_STINT_H = 1;

  /** Someone who works; hours by day. */
  public record Person(String id, String name, double[] hours) {}

  /**
   * Something that works.
   *
   * @param hours it can work by day, ground and weather counted; 0 on days it is not there
   * @param runBy indices of people who can run it; empty when its own crew comes with it
   * @param setUpH at each field
   * @param changeH to change what it is fitted with, between jobs that ask for another kit
   * @param roadKmh between fields
   */
  public record Machine(
      String id,
      String name,
      double[] hours,
      Set<Integer> runBy,
      double setUpH,
      double changeH,
      double roadKmh) {
    public Machine {
      runBy = Set.copyOf(runBy);
    }

    /**
     * A machine that is never refitted.
     *
     * @param id stable key
     * @param name name to find or say it by
     * @param hours hours at work
     * @param runBy indices of people who can run it
     * @param setUpH set-up at a field, h
     * @param roadKmh speed on the road, km/h
     */
    public Machine(
        String id, String name, double[] hours, Set<Integer> runBy, double setUpH, double roadKmh) {
      this(id, name, hours, runBy, setUpH, 0, roadKmh);
    }
  }

  /**
   * Something to be done on a field, in one of some ways.
   *
   * @param id its key
   * @param name in words
   * @param xKm where, eastward of the farm's yard
   * @param yKm where, northward
   * @param options ways of doing it
   * @param after what must be done before it; null for nothing
   * @param kept where it stands in a kept plan; null when there is none
   * @param pin what is settled about it; null for nothing
   * @param kit what its machine is fitted with: a head for the crop, a clean box for organic seed
   */
  public record Job(
      String id,
      String name,
      double xKm,
      double yKm,
      List<Option> options,
      @Nullable After after,
      @Nullable Kept kept,
      @Nullable Pin pin,
      String kit) {
    public Job {
      options = List.copyOf(options);
      // Files from before there were kits name none.
      kit = Objects.requireNonNullElse(kit, "");
    }

    /**
     * A job for which nothing is refitted.
     *
     * @param id stable key
     * @param name name to find or say it by
     * @param xKm east, km
     * @param yKm north, km
     * @param options ways of doing it
     * @param after what it waits for; null for nothing
     * @param kept what is kept; null for nothing
     * @param pin what is settled; null for nothing
     */
    public Job(
        String id,
        String name,
        double xKm,
        double yKm,
        List<Option> options,
        @Nullable After after,
        @Nullable Kept kept,
        @Nullable Pin pin) {
      this(id, name, xKm, yKm, options, after, kept, pin, "");
    }
  }

  /**
   * What someone has settled about a job: it is done so or not at all.
   *
   * @param day it begins on; −1 for any
   * @param only machines that may do it; empty for any
   * @param never machines that may not
   */
  public record Pin(int day, Set<Integer> only, Set<Integer> never) {
    public Pin {
      only = Set.copyOf(only);
      never = Set.copyOf(never);
    }

    /**
     * {@return whether a machine may do the job}
     *
     * @param machine index of the machine
     */
    public boolean allows(int machine) {
      return (only.isEmpty() || only.contains(machine)) && !never.contains(machine);
    }
  }

  /**
   * One way of doing a job.
   *
   * @param machine index of the machine
   * @param label in words
   * @param hours of work at the field
   * @param first day on which it may begin
   * @param last day on which it must be finished
   * @param value money it brings by the day it is finished, its own costs taken off
   * @param free whether this way need not wait for the job before: seed flown into a standing crop
   */
  public record Option(
      int machine, String label, double hours, int first, int last, double[] value, boolean free) {
    /**
     * A way that waits for the job before, if there is one.
     *
     * @param machine index of the machine
     * @param label in a grower's words
     * @param hours hours at work
     * @param first first day, as an index
     * @param last last day, as an index
     * @param value value in question
     */
    public Option(int machine, String label, double hours, int first, int last, double[] value) {
      this(machine, label, hours, first, last, value, false);
    }
  }

  /**
   * Order between two jobs of a field.
   *
   * @param job index of the one before
   * @param least days from its end to the beginning of this one
   * @param most days from its end to the end of this one
   */
  public record After(int job, int least, int most) {}

  /**
   * Where a job stands in a plan that was kept.
   *
   * @param machine index of the machine
   * @param start day it begins
   * @param begun whether work on it has begun: then it stays where it is
   */
  public record Kept(int machine, int start, boolean begun) {}

  public WorkProblem {
    people = List.copyOf(people);
    machines = List.copyOf(machines);
    jobs = List.copyOf(jobs);
    if (days < 1 || days > MOST_DAYS) {
      throw new Refused("days", "A plan covers 1 to " + MOST_DAYS + " days.");
    }
    for (int p = 0; p < people.size(); p++) {
      hours("people[" + p + "].hours", people.get(p).name(), people.get(p).hours(), days);
    }
    for (int m = 0; m < machines.size(); m++) {
      Machine machine = machines.get(m);
      hours("machines[" + m + "].hours", machine.name(), machine.hours(), days);
      if (!(machine.roadKmh() > 0)) {
        throw new Refused(
            "machines[" + m + "].roadKmh", machine.name() + " needs a speed on the road above 0.");
      }
      for (int p : machine.runBy()) {
        if (p < 0 || p >= people.size()) {
          throw new Refused(
              "machines[" + m + "].runBy", machine.name() + " is run by someone who is not there.");
        }
      }
    }
    for (int j = 0; j < jobs.size(); j++) {
      check(jobs.get(j), j, machines.size(), jobs.size(), days);
    }
  }

  private static void check(Job job, int j, int machines, int jobs, int days) {
    String at = "jobs[" + j + "]";
    for (int o = 0; o < job.options().size(); o++) {
      Option option = job.options().get(o);
      String where = at + ".options[" + o + "]";
      if (option.machine() < 0 || option.machine() >= machines) {
        throw new Refused(
            where + ".machine", job.name() + " asks for a machine that is not there.");
      }
      if (!(option.hours() > 0 && option.hours() < 1e5)) {
        throw new Refused(
            where + ".hours", job.name() + " takes some hours; " + option.hours() + " is none.");
      }
      if (option.value().length != days) {
        throw new Refused(where + ".value", job.name() + " needs a value for each day.");
      }
      if (Arrays.stream(option.value()).anyMatch(v -> !Double.isFinite(v))) {
        throw new Refused(where + ".value", job.name() + " has a value that is not a number.");
      }
    }
    After after = job.after();
    if (after != null && (after.job() < 0 || after.job() >= jobs || after.job() == j)) {
      throw new Refused(at + ".after", job.name() + " waits for a job that is not there.");
    }
  }

  private static void hours(String where, String name, double[] hours, int days) {
    if (hours.length != days) {
      throw new Refused(where, name + " needs hours for each day.");
    }
    for (double h : hours) {
      if (!(h >= 0 && h <= 24)) {
        throw new Refused(where, name + " has a day of " + h + " hours.");
      }
    }
  }
}
