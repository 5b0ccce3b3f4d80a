package nimblefurrow.server.paper;

import java.time.Clock;
import java.time.Instant;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.core.paper.PaperFile;
import nimblefurrow.core.paper.PaperHolder;
import nimblefurrow.core.paper.PaperKind;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.people.AccountService;
import nimblefurrow.server.seedstock.SeedService;
import nimblefurrow.server.support.NotFound;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Papers of a farm. Callers have checked who asks. */
@Service
public class PaperService {
  private static final String AWAY = "This farm has no such paper.";
  private static final int LONGEST_NAME = 200;

  private final Papers papers;
  private final PaperFiles files;
  private final SeedService seed;
  private final ProductBook products;
  private final FieldService fields;
  private final AccountService accounts;
  private final Clock clock;

  PaperService(
      Papers papers,
      PaperFiles files,
      SeedService seed,
      ProductBook products,
      FieldService fields,
      AccountService accounts,
      Clock clock) {
    this.papers = papers;
    this.files = files;
    this.seed = seed;
    this.products = products;
    this.fields = fields;
    this.accounts = accounts;
    this.clock = clock;
  }

  /** A paper's file. */
  record File(String name, byte[] bytes) {}

  /** All of a farm, the oldest first. */
  @Transactional(readOnly = true)
  List<PaperView> of(UUID farmId) {
    List<Paper> all = papers.findByFarmIdAndAwayFalseOrderByAddedAt(farmId);
    Map<UUID, String> people =
        accounts.names(
            all.stream()
                .map(p -> p.accountId)
                .filter(Objects::nonNull)
                .collect(Collectors.toSet()));
    return all.stream()
        .map(
            p ->
                new PaperView(
                    p.id,
                    p.holder,
                    p.holderId,
                    p.kind,
                    p.name,
                    p.mediaType,
                    p.size,
                    p.addedAt,
                    p.accountId == null ? null : people.get(p.accountId)))
        .toList();
  }

  /** The kinds of papers kept with each of a farm's lots. */
  @Transactional(readOnly = true)
  public Map<UUID, Set<PaperKind>> ofLots(UUID farmId) {
    Map<UUID, Set<PaperKind>> all = new HashMap<>();
    for (Paper p : papers.findByFarmIdAndHolderAndAwayFalse(farmId, PaperHolder.LOT)) {
      all.computeIfAbsent(p.holderId, k -> EnumSet.noneOf(PaperKind.class)).add(p.kind);
    }
    return all;
  }

  /**
   * Keeps a paper.
   *
   * @param holderId of the lot, product or field; the farm's own for the farm
   */
  @Transactional
  public UUID add(
      UUID farmId,
      PaperHolder holder,
      UUID holderId,
      PaperKind kind,
      String name,
      byte[] bytes,
      @Nullable UUID account) {
    if (!kind.of(holder)) {
      throw new Refused(
          "kind",
          "A %s is not kept with a %s; choose %s."
              .formatted(
                  kind.label(),
                  holder.key(),
                  PaperKind.with(holder).stream()
                      .map(PaperKind::label)
                      .collect(Collectors.joining(" or "))));
    }
    if (!there(farmId, holder, holderId)) {
      throw new NotFound("This farm has no such %s.".formatted(holder.key()));
    }
    Paper p = new Paper();
    p.id = UUID.randomUUID();
    p.farmId = farmId;
    p.holder = holder;
    p.holderId = holderId;
    p.kind = kind;
    p.mediaType = PaperFile.of(bytes).mediaType();
    p.name = name.length() <= LONGEST_NAME ? name : name.substring(0, LONGEST_NAME);
    p.size = bytes.length;
    p.accountId = account;
    p.addedAt = Instant.now(clock);
    papers.saveAndFlush(p);
    PaperBytes file = new PaperBytes();
    file.paperId = p.id;
    file.whole = bytes;
    files.save(file);
    return p.id;
  }

  private boolean there(UUID farmId, PaperHolder holder, UUID id) {
    return switch (holder) {
      case LOT -> seed.has(farmId, id);
      case PRODUCT -> products.has(farmId, id);
      case FIELD -> fields.list(farmId).stream().anyMatch(f -> f.id().equals(id));
      case FARM -> farmId.equals(id);
    };
  }

  /** A paper that is kept, by the name of its file. */
  public record Kept(UUID id, String name) {}

  /** All of a farm, the oldest first. */
  @Transactional(readOnly = true)
  public List<Kept> kept(UUID farmId) {
    return papers.findByFarmIdAndAwayFalseOrderByAddedAt(farmId).stream()
        .map(p -> new Kept(p.id, p.name))
        .toList();
  }

  /** A whole file. */
  @Transactional(readOnly = true)
  public byte[] whole(UUID farmId, UUID id) {
    return file(farmId, id).bytes();
  }

  /** A paper's file. */
  @Transactional(readOnly = true)
  File file(UUID farmId, UUID id) {
    byte[] bytes = files.ofPaper(farmId, id).orElseThrow(() -> new NotFound(AWAY)).whole;
    return new File(papers.get(farmId, id, AWAY).name, bytes);
  }

  /** Takes a paper out, or brings it back. */
  @Transactional
  void put(UUID farmId, UUID id, boolean away) {
    papers.get(farmId, id, AWAY).away = away;
  }
}
