package nimblefurrow.server.learn;

import java.time.LocalDate;
import java.util.Objects;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** A text that is another whenever something changed that a farm learns from. */
@Component
public class RecordStamp {
  /** Counts and versions: a row that comes, goes or changes moves one of them. */
  private static final String STAMP =
      """
      select concat_ws('.',
        (select concat(count(*), '-', sum(version), '-', max(created_at)) from log_entry
          where farm_id = f.id and done_on between ? and ?),
        (select concat(count(*), '-', max(id), '-', count(*) filter (where undone)) from plan_change
          where farm_id = f.id),
        (select concat(count(*), '-', sum(version)) from field where farm_id = f.id),
        (select concat(count(*), '-', sum(version)) from machine where farm_id = f.id),
        (select concat(count(*), '-', max(created_at)) from calibration where farm_id = f.id),
        (select concat(count(*), '-', sum(version)) from seed_lot where farm_id = f.id),
        (select concat(count(*), '-', sum(kg)) from seed_use where farm_id = f.id),
        (select string_agg(what, ',' order by what) from learnt_off where farm_id = f.id),
        (select s.version from station s where s.id = f.station_id))
        from farm f where f.id = ?
      """;

  private static final LocalDate EVER_FROM = LocalDate.of(1900, 1, 1);
  private static final LocalDate EVER_TO = LocalDate.of(2200, 1, 1);

  private final JdbcTemplate database;

  RecordStamp(JdbcTemplate database) {
    this.database = database;
  }

  /** Of all that was ever written down. */
  String of(UUID farmId) {
    return of(farmId, EVER_FROM, EVER_TO);
  }

  /** Of what was written down of some days; of all else the whole. */
  public String of(UUID farmId, LocalDate from, LocalDate to) {
    return Objects.requireNonNull(database.queryForObject(STAMP, String.class, from, to, farmId));
  }
}
