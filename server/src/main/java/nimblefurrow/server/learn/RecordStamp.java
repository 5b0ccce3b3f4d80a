package nimblefurrow.server.learn;

import java.util.Objects;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** A text that is another whenever something changed that a farm learns from. */
@Component
class RecordStamp {
  /** Counts and versions: a row that comes, goes or changes moves one of them. */
  private static final String STAMP =
      """
      select concat_ws('.',
        (select concat(count(*), '-', sum(version), '-', max(created_at)) from log_entry where farm_id = f.id),
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

  private final JdbcTemplate database;

  RecordStamp(JdbcTemplate database) {
    this.database = database;
  }

  String of(UUID farmId) {
    return Objects.requireNonNull(database.queryForObject(STAMP, String.class, farmId));
  }
}
