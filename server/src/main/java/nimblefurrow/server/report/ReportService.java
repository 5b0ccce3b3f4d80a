package nimblefurrow.server.report;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.Unit;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.people.AccountService;
import nimblefurrow.server.picture.PictureService;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.support.Saving;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes reports, numbers them and keeps them as they were. Callers have checked who asks. */
@Service
class ReportService {
  private static final String AWAY = "This farm has no such report.";
  private static final int MOST_PICTURES = 60;

  private final ReportRows rows;
  private final ReportFiles files;
  private final FarmService farms;
  private final FieldService fields;
  private final AccountService accounts;
  private final PictureService pictures;
  private final Map<ReportKind, Composer> composers = new EnumMap<>(ReportKind.class);
  private final Clock clock;

  ReportService(
      ReportRows rows,
      ReportFiles files,
      FarmService farms,
      FieldService fields,
      AccountService accounts,
      PictureService pictures,
      List<Composer> composers,
      Clock clock) {
    this.rows = rows;
    this.files = files;
    this.farms = farms;
    this.fields = fields;
    this.accounts = accounts;
    this.pictures = pictures;
    this.clock = clock;
    composers.forEach(c -> this.composers.put(c.kind(), c));
  }

  /**
   * A report to be made.
   *
   * @param fieldId one field; null for all
   * @param pictures whether the pictures of these days come behind; their places never do
   * @param chosen which of them; null for all
   */
  record Wanted(
      ReportKind kind,
      @Nullable UUID fieldId,
      LocalDate from,
      LocalDate to,
      boolean pictures,
      @Nullable Set<UUID> chosen) {}

  /** Makes a report and keeps it. */
  @Saving
  ReportView make(UUID farmId, Wanted wanted, UnitSystem units, UUID account) {
    if (wanted.to().isBefore(wanted.from())) {
      throw new Refused("to", "The last day is before the first; say them the other way round.");
    }
    FarmView farm = farms.get(farmId);
    UUID field = wanted.fieldId();
    String of = field == null ? "all fields" : fields.get(farmId, field).name();
    Asked asked = new Asked(farm, field, wanted.from(), wanted.to(), units);
    ReportText said = Objects.requireNonNull(composers.get(wanted.kind())).compose(asked);
    ReportText text = wanted.pictures() ? withPictures(said, asked, wanted.chosen()) : said;
    ReportRow row = new ReportRow();
    row.id = UUID.randomUUID();
    row.farmId = farmId;
    row.number = rows.last(farmId).orElse(0) + 1;
    row.kind = wanted.kind();
    row.title = wanted.kind().label() + ", " + of;
    row.fromOn = wanted.from();
    row.toOn = wanted.to();
    row.accountId = account;
    row.madeAt = Instant.now(clock);
    rows.saveAndFlush(row);
    String heading =
        "%s · report %d of %s · %s to %s"
            .formatted(
                farm.name(),
                row.number,
                ReportDays.say(farm.today()),
                ReportDays.say(row.fromOn),
                ReportDays.say(row.toOn));
    ReportBytes file = new ReportBytes();
    file.reportId = row.id;
    try {
      file.pdf = ReportPdf.write(row.title, heading, text, units == UnitSystem.US);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    file.csv = ReportCsv.write(row.title + " · " + heading, text);
    files.save(file);
    return view(row, accounts.names(List.of(account)));
  }

  private ReportText withPictures(ReportText said, Asked asked, @Nullable Set<UUID> chosen) {
    List<ReportText.Shot> shots = new ArrayList<>();
    for (FieldView f : fields.list(asked.farm().id())) {
      if (asked.of(f.id()) && shots.size() < MOST_PICTURES) {
        pictures
            .between(asked.farm().id(), f.id(), asked.from(), asked.to(), chosen)
            .forEach(p -> shots.add(new ReportText.Shot(said(asked, f, p), p.jpeg())));
      }
    }
    if (shots.size() <= MOST_PICTURES) {
      return new ReportText(said.parts(), said.cautions(), shots);
    }
    List<String> cautions = new ArrayList<>(said.cautions());
    cautions.add("Only the first %d pictures are here.".formatted(MOST_PICTURES));
    return new ReportText(said.parts(), cautions, shots.subList(0, MOST_PICTURES));
  }

  private static String said(Asked asked, FieldView field, PictureService.Shot p) {
    String green = p.green() == null ? "" : ", " + asked.say(p.green(), Unit.SHARE) + " green";
    return field.name() + ", " + ReportDays.say(p.takenOn()) + green;
  }

  /** All of a farm, the last first. */
  @Transactional(readOnly = true)
  List<ReportView> of(UUID farmId) {
    List<ReportRow> all = rows.findByFarmIdOrderByNumberDesc(farmId);
    Map<UUID, String> people =
        accounts.names(
            all.stream()
                .map(r -> r.accountId)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet()));
    return all.stream().map(r -> view(r, people)).toList();
  }

  /** A report as it was made. */
  @Transactional(readOnly = true)
  ReportBytes file(UUID farmId, UUID id) {
    return files.ofReport(farmId, id).orElseThrow(() -> new NotFound(AWAY));
  }

  /** Its number, for the name of its file. */
  @Transactional(readOnly = true)
  int number(UUID farmId, UUID id) {
    return rows.get(farmId, id, AWAY).number;
  }

  private static ReportView view(ReportRow r, Map<UUID, String> people) {
    return new ReportView(
        r.id,
        r.number,
        r.kind,
        r.title,
        r.fromOn,
        r.toOn,
        r.madeAt,
        r.accountId == null ? null : people.get(r.accountId));
  }
}
