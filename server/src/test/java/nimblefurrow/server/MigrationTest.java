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

  private static final String ENTRY =
      "insert into log_entry (id, farm_id, field_id, done_on, kind, words, amount, species, stage,"
          + " residual, created_at, version) values ('00000000-0000-0000-0000-0000000001%s', '%s',"
          + " '%s', '2025-09-02', '%s', 'as it was', %s, %s, %s, %s, now(), 0)";

  private static void old(
      Statement s,
      int id,
      String kind,
      String amount,
      String species,
      String stage,
      String residual)
      throws SQLException {
    s.execute(ENTRY.formatted(id, FARM, FIELD, kind, amount, species, stage, residual));
  }

  @Test
  void whatEntriesSaidStaysInOneRecord() throws Exception {
    FreshDatabase database = FreshDatabase.make("one_record");
    flyway(database, "18").migrate();
    try (Connection c = database.connection();
        Statement s = c.createStatement()) {
      s.execute("insert into farm (id, name, version) values ('%s', 'Old', 0)".formatted(FARM));
      s.execute(
          ("insert into field (id, farm_id, name, computed_area_ha, texture, drainage, version)"
                  + " values ('%s', '%s', 'Low', 12.5, 'siltLoam', 'moderate', 4)")
              .formatted(FIELD, FARM));
      old(s, 11, "plants", "212.5", "'cereal_rye'", "null", "null");
      old(s, 12, "height", "40", "null", "null", "null");
      old(s, 13, "stage", "null", "'cereal_rye'", "'boot'", "null");
      old(s, 14, "sprayed", "null", "null", "null", "'triazine'");
      old(s, 15, "seeded", "null", "null", "null", "null");
      old(s, 16, "note", "null", "null", "null", "null");
      s.execute(
          ("insert into seeding_record (log_entry_id, farm_id, field_id, area_ha,"
                  + " target_kg_per_ha, seed_kg, setting, bearing_deg, version) values"
                  + " ('00000000-0000-0000-0000-000000000115', '%s', '%s', 12.5, 60, 744.125, 21,"
                  + " null, 0)")
              .formatted(FARM, FIELD));
      s.execute(
          ("insert into spray_record (log_entry_id, farm_id, field_id, sprayed_on, actives, words)"
                  + " values ('00000000-0000-0000-0000-000000000114', '%s', '%s', '2025-09-02',"
                  + " '{\"atrazine\": 840.5}', '')")
              .formatted(FARM, FIELD));
      // Taken away lately: the same seeding, as it was held.
      s.execute(
          "insert into taken_away (id, farm_id, kind, name, taken_at, held)"
              + " select gen_random_uuid(), l.farm_id, 'log_entry', 'seeded', now(),"
              + " jsonb_build_array(jsonb_build_object('table', 'log_entry', 'rows',"
              + " jsonb_build_array(to_jsonb(l)), 'links', '[]'::jsonb),"
              + " jsonb_build_object('table', 'seeding_record', 'rows',"
              + " jsonb_build_array(to_jsonb(r)), 'links', '[]'::jsonb))"
              + " from log_entry l join seeding_record r on r.log_entry_id = l.id");
    }
    flyway(database, "latest").migrate();
    String seeding = "{\"areaHa\": 12.5000, \"seedKg\": 744.125, \"setting\": 21, ";
    try (Connection c = database.connection();
        Statement s = c.createStatement()) {
      assertThat(rows(s, "select figures || names from log_entry order by id"))
          .containsExactly(
              "{\"species\": \"cereal_rye\", \"plantsPerM2\": 212.5}",
              "{\"heightCm\": 40}",
              "{\"stage\": \"boot\", \"species\": \"cereal_rye\"}",
              "{\"residual\": \"triazine\"}",
              seeding + "\"targetKgPerHa\": 60.0000}",
              "{}");
      assertThat(rows(s, "select actives from log_entry where kind = 'sprayed'"))
          .containsExactly("{\"atrazine\": 840.5}");
      assertThat(rows(s, "select distinct words from log_entry")).containsExactly("as it was");
      assertThat(rows(s, "select held #>> '{0,rows,0,figures}' from taken_away"))
          .containsExactly(seeding + "\"targetKgPerHa\": 60.0000}");
      assertThat(rows(s, "select jsonb_array_length(held)::text from taken_away"))
          .as("what it hung on is in the entry itself")
          .containsExactly("1");
    }
  }
}
