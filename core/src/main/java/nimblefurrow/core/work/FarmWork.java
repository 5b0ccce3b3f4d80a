package nimblefurrow.core.work;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.DoubleConsumer;
import java.util.stream.Collectors;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.core.schedule.WorkProblem;

/**
 * What is to be laid out on a farm: the problem, and what its indices stand for.
 *
 * @param problem as the search takes it
 * @param jobs in the problem's order
 * @param doers in the order of the problem's machines
 * @param people in the problem's order
 * @param weather hours fit for work, by day and by year
 * @param notes what could not be taken into the plan, in sentences
 */
public record FarmWork(
    WorkProblem problem,
    List<FieldJob> jobs,
    List<Doer> doers,
    List<Worker> people,
    WorkableDays weather,
    List<String> notes) {
  private static final double USD_PER_KM = 2;
  private static final double ON_FOOT_ROAD_KMH = 40;

  public FarmWork {
    jobs = List.copyOf(jobs);
    doers = List.copyOf(doers);
    people = List.copyOf(people);
    notes = List.copyOf(notes);
  }

  /**
   * What jobs are kept and settled, by field and kind, and what was taken on.
   *
   * @param kept by {@link #key}
   * @param pins by the same
   * @param looks taken on from watch lists
   * @param own work that no cover asks for
   */
  public record Standing(
      Map<String, KeptJob> kept, Map<String, JobPin> pins, List<Look> looks, List<OwnJob> own) {}

  /**
   * {@return what tells jobs of a farm apart}
   *
   * @param fieldId field
   * @param kind kind in question
   */
  public static String key(UUID fieldId, String kind) {
    return JobList.key(fieldId, kind);
  }

  /**
   * Draws up the work.
   *
   * @param frame what jobs are drawn up against
   * @param fields own and worked for, those with several covers once for each in their order
   * @param people who works
   * @param weather hours fit for work
   * @param standing what is kept, settled and taken on
   * @param usdPerMove price of moving a job away from the kept plan
   * @param told hears how far it is, 0..1
   * @return the farm work
   */
  public static FarmWork of(
      WorkFrame frame,
      List<WorkField> fields,
      List<Worker> people,
      WorkableDays weather,
      Standing standing,
      double usdPerMove,
      DoubleConsumer told) {
    JobList list = new JobList(frame, standing.kept(), standing.pins());
    jobs(frame, list, fields, standing, told);
    List<String> notes = new ArrayList<>();
    List<WorkProblem.Person> persons = people.stream().map(p -> person(p, frame.span())).toList();
    List<WorkProblem.Machine> machines =
        frame.doers().stream()
            .map(d -> machine(d, people, persons, frame.span(), weather, notes))
            .toList();
    return new FarmWork(
        new WorkProblem(
            frame.span().start(),
            frame.span().days(),
            persons,
            machines,
            list.jobs(),
            USD_PER_KM,
            usdPerMove),
        list.infos(),
        frame.doers(),
        people,
        weather,
        notes);
  }

  private static void jobs(
      WorkFrame frame,
      JobList list,
      List<WorkField> fields,
      Standing standing,
      DoubleConsumer told) {
    HarvestJobs harvests = new HarvestJobs(frame, list);
    SeedingJobs seedings = new SeedingJobs(frame, list, harvests);
    SpringJobs spring = new SpringJobs(frame, list);
    Map<UUID, List<Look>> byField =
        standing.looks().stream()
            .collect(Collectors.groupingBy(Look::fieldId, HashMap::new, Collectors.toList()));
    Map<UUID, List<OwnJob>> own =
        standing.own().stream()
            .collect(Collectors.groupingBy(OwnJob::fieldId, HashMap::new, Collectors.toList()));
    Map<UUID, Integer> ended = new HashMap<>();
    int done = 0;
    for (WorkField f : fields) {
      int clearing =
          f.link() != null ? ended.getOrDefault(f.id(), -1) : f.ours() ? harvests.add(f) : -1;
      WorkField.Covered covered = f.covered();
      if (covered != null) {
        seedings.add(f, covered.plan(), clearing);
        ended.put(f.id(), spring.add(f, covered));
      } else if (f.ours()) {
        spring.plant(f);
      }
      // The same thing taken on twice is looked at once, also where the field has several covers.
      Map<String, Look> once = new HashMap<>();
      List<Look> mine = byField.remove(f.id());
      (mine == null ? List.<Look>of() : mine).forEach(l -> once.putIfAbsent(l.about(), l));
      once.values().forEach(l -> l.add(f, frame, list));
      List<OwnJob> others = own.remove(f.id());
      for (OwnJob o : others == null ? List.<OwnJob>of() : others) {
        o.add(f, clearing, frame, list);
      }
      told.accept((double) ++done / fields.size());
    }
  }

  private static WorkProblem.Person person(Worker p, WorkSpan span) {
    double[] hours = new double[span.days()];
    for (int d = 0; d < hours.length; d++) {
      hours[d] = p.hours(span.day(d));
    }
    return new WorkProblem.Person(p.id().toString(), p.name(), hours);
  }

  private static WorkProblem.Machine machine(
      Doer doer,
      List<Worker> people,
      List<WorkProblem.Person> persons,
      WorkSpan span,
      WorkableDays weather,
      List<String> notes) {
    Machine m = doer.machine();
    Set<Integer> runBy = new HashSet<>();
    for (int p = 0; p < people.size(); p++) {
      Worker c = people.get(p);
      if (m == null ? c.id().equals(doer.id()) : c.runs().contains(m.id())) {
        runBy.add(p);
      }
    }
    if (m == null) {
      double[] hours = persons.get(runBy.iterator().next()).hours();
      return new WorkProblem.Machine(
          doer.id().toString(), doer.name(), hours, runBy, 0, ON_FOOT_ROAD_KMH);
    }
    double[] hours = new double[span.days()];
    for (int d = 0; d < hours.length; d++) {
      hours[d] = m.there(span.day(d)) ? weather.hours(doer, d) : 0;
    }
    // What is hired brings its own crew; what nobody can run stands still.
    if (runBy.isEmpty() && !m.price().hired()) {
      Arrays.fill(hours, 0);
      notes.add("%s stands still: nobody on the crew can run it.".formatted(m.name()));
    } else if (m.presence().onlyOutside(span.start(), span.last())) {
      notes.add(
          "%s comes only on days outside this plan; its jobs go to others.".formatted(m.name()));
    }
    return new WorkProblem.Machine(
        doer.id().toString(),
        doer.name(),
        hours,
        runBy,
        m.setUpH(),
        m.changeH(),
        m.drive().roadKmh());
  }

  /**
   * {@return the index of a job; −1 when it is not open}
   *
   * @param fieldId field
   * @param job name of the job on its field
   */
  public int job(UUID fieldId, String job) {
    for (int j = 0; j < jobs.size(); j++) {
      if (jobs.get(j).field().id().equals(fieldId) && jobs.get(j).job().equals(job)) {
        return j;
      }
    }
    return -1;
  }

  /**
   * {@return what all crops bring that are cut on the last day they can be, with no other work
   * done}
   */
  public double anyway() {
    double sum = 0;
    for (int j = 0; j < jobs.size(); j++) {
      sum += anyway(j);
    }
    return sum;
  }

  /**
   * {@return what a job brings whatever is planned: the grain that would be cut anyway}
   *
   * @param job index of the job
   */
  public double anyway(int job) {
    if (jobs.get(job).kind() != JobKind.HARVEST) {
      return 0;
    }
    return problem.jobs().get(job).options().stream()
        .mapToDouble(o -> o.value()[Math.min(o.value().length - 1, o.last())])
        .min()
        .orElse(0);
  }
}
