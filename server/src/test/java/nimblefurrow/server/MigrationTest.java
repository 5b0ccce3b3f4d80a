package nimblefurrow.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;

/** A database from before chains keeps everything when it is brought up to date. */
class MigrationTest {
  private static final String FARM = "00000000-0000-0000-0000-000000000001";
  private static final String FIELD = "00000000-0000-0000-0000-000000000002";
  private static final String PIECE = "00000000-0000-0000-0000-000000000003";

  private static Flyway flyway(FreshDatabase database, String target) {
    return Flyway.configure()
        .dataSource(database.url(), database.user(), database.password())
        .locations("classpath:db/migration")
        .target(target)
        .load();
  }

  private static List<String> rows(Statement s, String query) throws SQLException {
    List<String> all = new ArrayList<>();
    try (ResultSet found = s.executeQuery(query)) {
      while (found.next()) {
        all.add(found.getString(1));
      }
    }
    return all;
  }

  private static String plan(int last, int season, int position, String seedOn, String endOn) {
    return ("insert into cover_plan (id, farm_id, piece_id, season_year, position, status, purposes,"
            + " method, seed_on, ending, end_on, version) values"
            + " ('00000000-0000-0000-0000-0000000000%d', '%s', '%s', %d, %d, 'accepted',"
            + " '{holdSoil}', 'drill', '%s', 'till', '%s', 3)")
        .formatted(last, FARM, PIECE, season, position, seedOn, endOn);
  }

  @Test
  void coversCropsAndReasonsStay() throws Exception {
    FreshDatabase database = FreshDatabase.make("migrated");
    flyway(database, "11").migrate();
    try (Connection c = database.connection();
        Statement s = c.createStatement()) {
      s.execute(
          "insert into farm (id, name, season_year, version) values ('%s', 'Old', 2025, 0)"
              .formatted(FARM));
      s.execute(
          ("insert into field (id, farm_id, name, computed_area_ha, texture, drainage,"
                  + " left_out_reason, version) values ('%s', '%s', 'Low', 12.5, 'siltLoam',"
                  + " 'moderate', 'wet hole', 4)")
              .formatted(FIELD, FARM));
      s.execute(
          "insert into field_piece (id, field_id) values ('%s', '%s')".formatted(PIECE, FIELD));
      s.execute(
          ("insert into crop_link (id, piece_id, season_year, kind, version) values"
                  + " (gen_random_uuid(), '%s', 2025, 'corn', 0)")
              .formatted(PIECE));
      s.execute(plan(11, 2024, 0, "2024-10-05", "2025-04-20"));
      s.execute(plan(12, 2025, 0, "2025-08-05", "2025-09-20"));
      s.execute(plan(13, 2025, 1, "2025-09-20", "2026-06-20"));
      // Planned a season apart, and standing on the one before: it ends when this one is seeded.
      s.execute(plan(14, 2026, 0, "2026-06-11", "2027-04-20"));
    }
    flyway(database, "latest").migrate();
    try (Connection c = database.connection();
        Statement s = c.createStatement()) {
      assertThat(rows(s, "select reason from field_left_out where season_year = 2025"))
          .containsExactly("wet hole");
      assertThat(rows(s, "select seed_on from cover_plan order by seed_on"))
          .containsExactly("2024-10-05", "2025-08-05", "2025-09-20", "2026-06-11");
      assertThat(rows(s, "select end_on from cover_plan order by seed_on"))
          .containsExactly("2025-04-20", "2025-09-20", "2026-06-11", "2027-04-20");
      assertThat(rows(s, "select version from cover_plan")).containsOnly("3");
      assertThat(rows(s, "select kind from crop_link")).containsExactly("corn");
      assertThat(rows(s, "select version from field where worked_until is null"))
          .containsExactly("4");
      // The schema itself lets no cover stand on another.
      String third =
          "insert into cover_plan select gen_random_uuid(), piece_id, season_year, status, purposes,"
              + " method, date '2025-09-01', ending, date '2025-10-01', version, farm_id, null"
              + " from cover_plan where seed_on = '2025-08-05'";
      assertThatThrownBy(() -> s.execute(third))
          .hasMessageContaining("covers_one_behind_the_other");
    }
  }
}
