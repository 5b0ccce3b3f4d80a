package nimblefurrow.server.work;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.Stored;
import org.jspecify.annotations.Nullable;
import org.mapstruct.Mapper;
import org.mapstruct.Mapping;
import org.mapstruct.factory.Mappers;

/**
 * A job of the kept plan as {@code work_keeping} keeps it, to be put back.
 *
 * @param kind the job's name on its field
 */
record StoredJob(
    UUID id,
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
    double shareDone,
    List<StoredShift> segments) {
  static final Shape SHAPE = Mappers.getMapper(Shape.class);

  /** From the plan. */
  @Mapper(config = Stored.class)
  interface Shape {
    @Mapping(target = "kind", source = "job")
    StoredJob store(WorkViews.ItemView item);

    List<StoredJob> store(List<WorkViews.ItemView> items);
  }
}
