package nimblefurrow.server.work;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import java.util.UUID;
import nimblefurrow.core.work.OwnJob;
import nimblefurrow.core.work.OwnWork;
import org.jspecify.annotations.Nullable;

@Entity
@Table(name = "own_job")
class OwnJobRow {
  @Id UUID id;
  UUID farmId;
  UUID fieldId;
  String work;
  String words;
  LocalDate fromOn;
  LocalDate toOn;
  @Nullable UUID withId;
  @Nullable Double hours;
  @Nullable Double worthUsd;
  @Nullable LocalDate doneOn;
  boolean removed;
  @Version @Nullable Long version;

  /** A row of a job. */
  static OwnJobRow of(UUID farmId, OwnJob job) {
    OwnJobRow row = new OwnJobRow();
    row.id = job.id();
    row.farmId = farmId;
    row.take(job);
    return row;
  }

  /** What is put of a job. */
  void take(OwnJob job) {
    fieldId = job.fieldId();
    work = job.work().key();
    words = job.words();
    fromOn = job.from();
    toOn = job.to();
    withId = job.with();
    hours = job.hours();
    worthUsd = job.worthUsd();
  }

  OwnJob job() {
    return new OwnJob(id, fieldId, OwnWork.of(work), words, fromOn, toOn, withId, hours, worthUsd);
  }
}
