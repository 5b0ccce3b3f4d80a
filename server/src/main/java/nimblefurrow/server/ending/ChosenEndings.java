package nimblefurrow.server.ending;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.server.season.WishedDays;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Endings that were chosen, and why; a changed mind is a further row. */
@Component
class ChosenEndings implements WishedDays {
  private final EndingChoices choices;

  ChosenEndings(EndingChoices choices) {
    this.choices = choices;
  }

  /** A field's choices of a season, newest first. */
  List<EndingViews.ChosenView> of(UUID farmId, UUID fieldId, int seasonYear) {
    return choices
        .findByFarmIdAndFieldIdAndSeasonYearOrderByChosenAtDesc(farmId, fieldId, seasonYear)
        .stream()
        .map(ChosenEndings::view)
        .toList();
  }

  private static EndingViews.ChosenView view(EndingChoice c) {
    return new EndingViews.ChosenView(
        c.id, c.way, EndingMethod.of(c.way).label(), c.endOn, c.plantOn, c.why, c.chosenAt);
  }

  /** The newest choice of each field of a season. */
  Map<UUID, EndingViews.ChosenView> newest(UUID farmId, int seasonYear) {
    Map<UUID, EndingViews.ChosenView> last = new HashMap<>();
    choices
        .findByFarmIdAndSeasonYearOrderByChosenAtDesc(farmId, seasonYear)
        .forEach(c -> last.putIfAbsent(c.fieldId, view(c)));
    return last;
  }

  @Override
  @Transactional(readOnly = true)
  public Map<UUID, Moved> of(UUID farmId, int seasonYear) {
    Map<UUID, EndingChoice> last = new HashMap<>();
    choices
        .findByFarmIdAndSeasonYearOrderByChosenAtDesc(farmId, seasonYear)
        .forEach(c -> last.putIfAbsent(c.fieldId, c));
    Map<UUID, Moved> all = new HashMap<>();
    last.forEach(
        (field, c) -> {
          if (c.wishedOn != null) {
            all.put(field, new Moved(c.wishedOn, c.plantOn));
          }
        });
    return all;
  }

  /** For saving: it differs once the plan was changed or somebody chose. */
  long version(EndableField f) {
    UUID farm = f.on().farm().id();
    return f.plan().version() + of(farm, f.on().field().id(), f.on().farm().seasonYear()).size();
  }
}
