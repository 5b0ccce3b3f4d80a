package nimblefurrow.server.work;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.work.JobKind;
import nimblefurrow.server.support.Stored;
import org.jspecify.annotations.Nullable;
import org.mapstruct.Mapper;
import org.mapstruct.Mapping;
import org.mapstruct.factory.Mappers;

/**
 * What a laying-out proposes, as {@code work_run} keeps it; parts and units as of {@link
 * WorkViews.Proposal}.
 *
 * @param notes null in rows of before there were notes
 */
record StoredProposal(
    LocalDate start,
    double value,
    double keptValue,
    double byHand,
    double roadKm,
    List<Item> items,
    List<Left> left,
    List<Lane> lanes,
    List<Double> steps,
    @Nullable List<String> notes) {
  static final Shape SHAPE = Mappers.getMapper(Shape.class);

  /** A job; its kind is its name on its field. */
  record Item(
      String key,
      UUID fieldId,
      String field,
      @Nullable UUID customerId,
      @Nullable String customer,
      String kind,
      String way,
      String label,
      UUID doerId,
      String doer,
      LocalDate startOn,
      LocalDate finishOn,
      double hours,
      double value,
      String change,
      @Nullable String wasDoer,
      @Nullable LocalDate wasOn,
      List<StoredShift> segments) {}

  /** A job that is left out; its kind is its name on its field. */
  record Left(
      UUID fieldId,
      String field,
      @Nullable String customer,
      String kind,
      String words,
      String why) {}

  /** Hours asked and hours there are, by day. */
  record Lane(String name, boolean person, List<Double> asked, List<Double> there) {}

  /** From and to the proposal. */
  @Mapper(config = Stored.class)
  interface Shape {
    StoredProposal store(WorkViews.Proposal proposal);

    WorkViews.Proposal read(StoredProposal stored);

    @Mapping(target = "kind", source = "job")
    Item store(WorkViews.ProposedItem item);

    @Mapping(target = "job", source = "kind")
    WorkViews.ProposedItem read(Item item);

    @Mapping(target = "kind", source = "job")
    Left store(WorkViews.LeftItem item);

    @Mapping(target = "job", source = "kind")
    WorkViews.LeftItem read(Left item);

    /** The kind of a job's name. */
    default JobKind kind(String job) {
      return JobKind.of(job);
    }

    /** The name of a change. */
    default String name(ItemChange change) {
      return change.key();
    }

    /** The change of a name. */
    default ItemChange change(String key) {
      return Keyed.find(ItemChange.values(), key)
          .orElseThrow(() -> new IllegalStateException("no change “" + key + "”"));
    }
  }
}
