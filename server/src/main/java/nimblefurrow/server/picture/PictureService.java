package nimblefurrow.server.picture;

import java.awt.image.BufferedImage;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.record.Spots;
import nimblefurrow.server.people.AccountService;
import nimblefurrow.server.support.NotFound;
import nimblefurrow.server.worklog.EntryView;
import nimblefurrow.server.worklog.LogService;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Pictures on entries of the record. Callers have checked who asks. */
@Service
public class PictureService {
  private static final String AWAY = "This farm has no such picture.";

  private final Pictures pictures;
  private final PictureFiles files;
  private final LogService log;
  private final AccountService accounts;
  private final Clock clock;

  PictureService(
      Pictures pictures, PictureFiles files, LogService log, AccountService accounts, Clock clock) {
    this.pictures = pictures;
    this.files = files;
    this.log = log;
    this.accounts = accounts;
    this.clock = clock;
  }

  /**
   * What the sender says of a picture; the picture's own data say the rest.
   *
   * @param turned whether the sender turned it upright already
   * @param measure whether its green cover is meant to be measured
   */
  public record Told(
      @Nullable LocalDate takenOn, Spots.@Nullable Place place, boolean turned, boolean measure) {}

  /**
   * Keeps a picture of an entry: upright, shrunk, with its day and place beside it instead of in
   * it. The same id twice is the same picture.
   *
   * @param today of the farm: no picture is of a later day
   */
  @Transactional
  public UUID add(
      UUID farmId,
      UUID fieldId,
      UUID entryId,
      UUID pictureId,
      byte[] bytes,
      Told told,
      LocalDate today,
      @Nullable UUID account) {
    EntryView entry =
        log.of(farmId, fieldId).stream()
            .filter(e -> e.id().equals(entryId))
            .findFirst()
            .orElseThrow(() -> new NotFound("There is no such entry on this field."));
    Picture there = pictures.toPut(farmId, pictureId, AWAY).orElse(null);
    if (there != null && !there.entryId.equals(entryId)) {
      throw new NotFound(AWAY);
    }
    if (there == null) {
      PictureData data = PictureData.of(bytes);
      BufferedImage whole =
          PictureFile.upright(
              PictureFile.read(bytes, PictureFile.WHOLE),
              told.turned() ? 1 : data.orientation(),
              PictureFile.WHOLE);
      Picture p = new Picture();
      p.id = pictureId;
      p.farmId = farmId;
      p.fieldId = fieldId;
      p.entryId = entryId;
      p.takenOn = day(told.takenOn() == null ? data.takenOn() : told.takenOn(), entry, today);
      p.putPlace(told.place() == null ? data.place() : told.place());
      byte[] kept = PictureFile.jpeg(whole);
      p.green = told.measure() ? green(kept) : null;
      p.width = whole.getWidth();
      p.height = whole.getHeight();
      p.accountId = account;
      p.addedAt = Instant.now(clock);
      pictures.saveAndFlush(p);
      PictureBytes file = new PictureBytes();
      file.pictureId = pictureId;
      file.whole = kept;
      file.small = PictureFile.jpeg(PictureFile.upright(whole, 1, PictureFile.SMALL));
      files.save(file);
    }
    return pictureId;
  }

  /** A clock that is ahead, or none, gives the entry's day. */
  private static LocalDate day(@Nullable LocalDate said, EntryView entry, LocalDate today) {
    return said == null || said.isAfter(today) ? entry.doneOn() : said;
  }

  /** Those of a field by day, the oldest first; none of an entry that is taken out. */
  @Transactional(readOnly = true)
  List<PictureView> of(UUID farmId, UUID fieldId) {
    Map<UUID, EntryView> entries =
        log.of(farmId, fieldId).stream().collect(Collectors.toMap(EntryView::id, e -> e));
    List<Picture> all =
        pictures
            .findByFarmIdAndFieldIdAndAwayFalseOrderByTakenOnAscAddedAtAsc(farmId, fieldId)
            .stream()
            .filter(p -> entries.containsKey(p.entryId))
            .toList();
    List<Spots.@Nullable Place> places = new ArrayList<>();
    all.forEach(p -> places.add(p.place()));
    List<Integer> spots = Spots.of(places);
    Map<UUID, String> people =
        accounts.names(
            all.stream()
                .map(p -> p.accountId)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet()));
    List<PictureView> views = new ArrayList<>();
    for (int i = 0; i < all.size(); i++) {
      Picture p = all.get(i);
      EntryView of = Objects.requireNonNull(entries.get(p.entryId));
      views.add(
          new PictureView(
              p.id,
              p.entryId,
              of.kind(),
              p.takenOn,
              p.place(),
              spots.get(i),
              p.green,
              p.width,
              p.height,
              p.accountId == null ? null : people.get(p.accountId)));
    }
    return views;
  }

  /** One of a field. */
  @Transactional(readOnly = true)
  PictureView view(UUID farmId, UUID fieldId, UUID id) {
    return of(farmId, fieldId).stream()
        .filter(v -> v.id().equals(id))
        .findFirst()
        .orElseThrow(() -> new NotFound(AWAY));
  }

  /** A picture that is kept. */
  public record Kept(UUID id, LocalDate takenOn) {}

  /** Those of a field by day, the oldest first. */
  @Transactional(readOnly = true)
  public List<Kept> kept(UUID farmId, UUID fieldId) {
    return of(farmId, fieldId).stream().map(p -> new Kept(p.id(), p.takenOn())).toList();
  }

  /** A whole picture as a JPEG. */
  @Transactional(readOnly = true)
  public byte[] whole(UUID farmId, UUID id) {
    return bytes(farmId, id, false);
  }

  /** A picture for paper. */
  public record Shot(LocalDate takenOn, @Nullable Double green, byte[] jpeg) {}

  /**
   * Those of a field taken between two days, the oldest first, as small as paper shows them.
   *
   * @param chosen which of them; null for all
   */
  @Transactional(readOnly = true)
  public List<Shot> between(
      UUID farmId, UUID fieldId, LocalDate from, LocalDate to, @Nullable Set<UUID> chosen) {
    List<Shot> shots = new ArrayList<>();
    for (PictureView p : of(farmId, fieldId)) {
      boolean wanted = chosen == null || chosen.contains(p.id());
      if (wanted && !p.takenOn().isBefore(from) && !p.takenOn().isAfter(to)) {
        BufferedImage whole = PictureFile.read(bytes(farmId, p.id(), false), PictureFile.ON_PAPER);
        byte[] small = PictureFile.jpeg(PictureFile.upright(whole, 1, PictureFile.ON_PAPER));
        shots.add(new Shot(p.takenOn(), p.green(), small));
      }
    }
    return shots;
  }

  /** A picture's bytes as a JPEG. */
  @Transactional(readOnly = true)
  byte[] bytes(UUID farmId, UUID id, boolean small) {
    PictureBytes file = files.ofPicture(farmId, id).orElseThrow(() -> new NotFound(AWAY));
    return small ? file.small : file.whole;
  }

  /** Measures how much of the ground a picture shows under green leaves. */
  @Transactional
  PictureView measure(UUID farmId, UUID id) {
    Picture p = pictures.get(farmId, id, AWAY);
    p.green =
        PictureFile.green(PictureFile.read(bytes(farmId, id, false), PictureFile.WHOLE)).cover();
    pictures.flush();
    return view(farmId, p.fieldId, id);
  }

  /** By the picture as it is kept, so that asking again answers the same. */
  private static double green(byte[] kept) {
    return PictureFile.green(PictureFile.read(kept, PictureFile.WHOLE)).cover();
  }

  /** Takes a picture's place off it for good. */
  @Transactional
  PictureView withoutPlace(UUID farmId, UUID id) {
    Picture p = pictures.get(farmId, id, AWAY);
    p.putPlace(null);
    pictures.flush();
    return view(farmId, p.fieldId, id);
  }

  /** Takes a picture out, or brings it back. */
  @Transactional
  void put(UUID farmId, UUID id, boolean away) {
    pictures.get(farmId, id, AWAY).away = away;
  }
}
