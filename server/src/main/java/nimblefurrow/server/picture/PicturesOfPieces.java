package nimblefurrow.server.picture;

import java.util.HashSet;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import java.util.UUID;
import nimblefurrow.server.worklog.EntriesCarried;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Pictures go with their entries to what a field becomes. */
@Component
class PicturesOfPieces {
  private final Pictures pictures;
  private final PictureFiles files;

  PicturesOfPieces(Pictures pictures, PictureFiles files) {
    this.pictures = pictures;
    this.files = files;
  }

  @EventListener
  void carried(EntriesCarried carried) {
    // Parts that are joined may each have the same picture from the field they were.
    Set<List<Object>> had = new HashSet<>();
    for (Picture p :
        pictures.findByFarmIdAndEntryIdInAndAwayFalseOrderByTakenOnAscAddedAtAsc(
            carried.farmId(), List.copyOf(carried.entries().keySet()))) {
      UUID entry = Objects.requireNonNull(carried.entries().get(p.entryId));
      if (had.add(List.of(entry, p.addedAt, p.takenOn, p.width, p.height))) {
        UUID copy = UUID.randomUUID();
        pictures.saveAndFlush(copy(p, copy, carried.field(), entry));
        files.copy(p.farmId, p.id, copy);
      }
    }
  }

  private static Picture copy(Picture of, UUID id, UUID field, UUID entry) {
    Picture p = new Picture();
    p.id = id;
    p.farmId = of.farmId;
    p.fieldId = field;
    p.entryId = entry;
    p.takenOn = of.takenOn;
    p.putPlace(of.place());
    p.green = of.green;
    p.width = of.width;
    p.height = of.height;
    p.accountId = of.accountId;
    p.addedAt = of.addedAt;
    return p;
  }
}
