package nimblefurrow.core.ending;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.Ending;
import nimblefurrow.core.seeding.CoverPlan;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;

/**
 * One way of ending a cover. All that is said of it stands in its own file and its row of {@code
 * endingmethods.csv}; whoever needs to know something of it asks, and nobody switches on its name.
 * There is one object of each, so methods may be compared by identity.
 */
public abstract class EndingMethod {
  private final EndingTraits traits;

  /**
   * @param traits its row of data
   */
  protected EndingMethod(EndingTraits traits) {
    this.traits = traits;
  }

  /** {@return the name on the wire} */
  public final String key() {
    return traits.key();
  }

  /** {@return its name in a grower's words} */
  public final String label() {
    return traits.label();
  }

  /** {@return what is known of it as data} */
  public final EndingTraits traits() {
    return traits;
  }

  /**
   * Says when it fits the field and why, or why not.
   *
   * @param field what is to be ended, and what follows
   * @param found takes the days, the verdicts and the cautions
   */
  protected abstract void judge(EndingField field, EndingFinding found);

  /**
   * {@return what it does to the cover, as dated acts of the season model; none where the model
   * does not know it or nothing is done}
   *
   * @param on the day the cover is ended; the last day of grazing
   */
  public abstract List<Ending> acts(LocalDate on);

  /**
   * What to look for on the cover after it.
   *
   * @param e what was ended
   */
  protected abstract WatchList.Item watch(WatchList.Ended e);

  /**
   * {@return days from ending to planting}
   *
   * @param plan the cover
   * @param next kind of the next crop
   */
  public PlantingLag lag(CoverPlan plan, NextCrop.Kind next) {
    return traits.lag();
  }

  /**
   * {@return the day it is reckoned for, where today and seeding leave it free}
   *
   * @param option how it fits
   * @param plant the wished planting
   * @param lag days from one to the other
   */
  public LocalDate endOn(EndingOption option, LocalDate plant, PlantingLag lag) {
    return plant.minusDays(lag.usual());
  }

  /**
   * The pass that follows it on a cover.
   *
   * @param cover its species
   * @return empty where one pass is all
   */
  public Optional<SecondPass> secondPass(List<Species> cover) {
    return sprays() && cover.stream().anyMatch(SecondPass::hard)
        ? Optional.of(SecondPass.SPRAY_AGAIN)
        : Optional.empty();
  }

  /**
   * {@return strips that are ended ahead of the rest; empty where the whole field is ended at once}
   */
  public Optional<EarlyStrips> earlyStrips() {
    return Optional.empty();
  }

  /**
   * {@return the school of growers that ends covers so, in a few words; null for none}
   *
   * @param next kind of the next crop
   */
  public @Nullable String school(NextCrop.Kind next) {
    return null;
  }

  /** {@return what can hurt someone at this work, or around it} */
  public List<Reason> safety() {
    List<Reason> all = new ArrayList<>();
    if (rolls()) {
      all.addAll(Dangers.ROLLING);
    }
    if (sprays()) {
      all.addAll(Dangers.SPRAYING);
    }
    if (stirs()) {
      all.addAll(Dangers.TURNING_SHAFTS);
    }
    return all;
  }

  /** {@return whether a herbicide is part of it} */
  public boolean sprays() {
    return false;
  }

  /** {@return whether a roller is part of it} */
  public boolean rolls() {
    return false;
  }

  /** {@return whether cattle eat what it takes off} */
  public boolean feeds() {
    return false;
  }

  /** {@return whether what it takes off is baled and carried away} */
  public boolean baled() {
    return false;
  }

  /** {@return whether it stirs the ground} */
  public boolean stirs() {
    return false;
  }

  /** {@return whether it comes by itself: nobody does it, no insurer asks for its day} */
  public boolean ofItself() {
    return false;
  }

  /** {@return whether it rescues a cover that lives on between the rows of a crop that is up} */
  public boolean rescues() {
    return false;
  }

  /** {@return whether the planter goes into a cover that still stands green} */
  public final boolean plantsGreen() {
    return traits.lag().usual() <= 0 && !rescues() && !ofItself() && earlyStrips().isEmpty();
  }

  /** {@return whether the season model knows what it does to the cover} */
  public final boolean modelled() {
    return !rescues();
  }

  /**
   * {@return the method of a wire name}
   *
   * @param key name on the wire
   * @throws Refused when there is none
   */
  public static EndingMethod of(String key) {
    return EndingMethods.find(key)
        .orElseThrow(() -> new Refused("", "there is no way of ending called “" + key + "”"));
  }

  /** Its key, for logs and tests. */
  @Override
  public final String toString() {
    return key();
  }

  /**
   * Strips that are ended ahead of the rest of the field.
   *
   * @param share of the width
   * @param daysAhead of planting
   */
  public record EarlyStrips(double share, int daysAhead) {}
}
