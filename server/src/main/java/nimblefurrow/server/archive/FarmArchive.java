package nimblefurrow.server.archive;

import jakarta.persistence.PersistenceException;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.people.AccountService;
import nimblefurrow.server.people.Person;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * A farm whole, as rows in a file, out and in: on an empty server it says what it said. Who may see
 * it, its calendars' addresses and what was taken away in the last month stay behind.
 */
@Service
public class FarmArchive {
  private static final Logger LOG = LoggerFactory.getLogger(FarmArchive.class);
  private static final JsonMapper JSON = JsonMapper.shared();

  private final FarmStore store;
  private final FarmSchema schema;
  private final FarmService farms;
  private final AccountService accounts;
  private final JdbcClient jdbc;

  FarmArchive(
      FarmStore store,
      FarmSchema schema,
      FarmService farms,
      AccountService accounts,
      JdbcClient jdbc) {
    this.store = store;
    this.schema = schema;
    this.farms = farms;
    this.accounts = accounts;
    this.jdbc = jdbc;
  }

  /** A person whose name stands under what they wrote. */
  record Writer(UUID id, String name) {}

  /**
   * Writes a farm's rows into a file as it goes, however large the farm is: as they stood at one
   * moment, whatever is changed meanwhile, or a row might point to one that is not in the file.
   */
  @Transactional(readOnly = true, isolation = Isolation.REPEATABLE_READ)
  public void write(UUID farm, ZipOutputStream zip) throws IOException {
    List<FarmTable> tables = schema.tables();
    Map<String, Object> head = new HashMap<>();
    head.put("format", FarmFile.FORMAT);
    head.put("version", FarmFile.VERSION);
    head.put("schema", schemaVersion());
    head.put("name", farms.get(farm).name());
    head.put("people", writers(farm, tables));
    head.put("farm", JSON.readTree(store.own(farm)));
    zip.putNextEntry(new ZipEntry(FarmFile.HEAD));
    zip.write(JSON.writeValueAsBytes(head));
    zip.closeEntry();
    for (FarmTable table : tables) {
      zip.putNextEntry(new ZipEntry("rows/" + table.name() + ".jsonl"));
      store.each(farm, table, row -> line(zip, row));
      zip.closeEntry();
    }
  }

  private static void line(ZipOutputStream zip, String row) {
    try {
      zip.write(row.getBytes(StandardCharsets.UTF_8));
      zip.write('\n');
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private List<Writer> writers(UUID farm, List<FarmTable> tables) {
    TreeSet<UUID> ids = new TreeSet<>();
    for (FarmTable table : tables) {
      for (String column : table.people()) {
        ids.addAll(
            jdbc.sql(
                    "select distinct t.%s from %s t where %s and t.%s is not null"
                        .formatted(column, table.name(), table.rows(), column))
                .param("farm", farm)
                .query(UUID.class)
                .list());
      }
    }
    return ids.stream().map(id -> new Writer(id, accounts.profile(id).name())).toList();
  }

  private int schemaVersion() {
    return jdbc.sql(
            "select version::int from flyway_schema_history where success"
                + " order by installed_rank desc limit 1")
        .query(Integer.class)
        .single();
  }

  /**
   * Founds a farm out of an archive; nothing of it is kept where anything in it cannot be.
   *
   * @return its id
   * @throws Refused when the file is no archive, of a later program, or was changed to what does
   *     not fit together
   */
  @Transactional
  public UUID restore(Path path, Person owner) throws IOException {
    try (FarmFile file = new FarmFile(path)) {
      if (file.schema() > schemaVersion()) {
        throw new Refused(
            "", "This archive was made by a later program; bring this server up to date first.");
      }
      UUID farm = farms.found(file.name(), owner.id()).id();
      try {
        store.put(file, farm, people(file.people(), owner), true);
        store.readBack(farm);
      } catch (DataAccessException | PersistenceException | IllegalArgumentException e) {
        LOG.info("an archive was refused", e);
        throw new Refused(
            "",
            "Its rows are not as this program writes them: the file was changed or is damaged.");
      }
      return farm;
    }
  }

  /** The owner is who they were; of others the name stands under what they wrote. */
  private Map<UUID, UUID> people(Map<UUID, String> writers, Person owner) {
    Map<UUID, UUID> people = new HashMap<>();
    writers.forEach(
        (id, name) -> people.put(id, id.equals(owner.id()) ? id : accounts.byName(id, name).id()));
    return people;
  }
}
