package nimblefurrow.core.seeding;

import java.util.List;
import nimblefurrow.core.cover.Species;
import nimblefurrow.core.season.Placement;
import nimblefurrow.core.units.Reason;
import nimblefurrow.core.units.Refused;

/**
 * One way of getting cover seed into a field. All that is said of it stands in its own file and its
 * row of {@code seedingmethods.csv}; whoever needs to know something of it asks, and nobody
 * switches on its name. There is one object of each, so methods may be compared by identity.
 */
public abstract class SeedingMethod {
  private final SeedingTraits traits;

  /**
   * @param traits its row of data
   */
  protected SeedingMethod(SeedingTraits traits) {
    this.traits = traits;
  }

  /** {@return the name on the wire, and of the machines that do it} */
  public final String key() {
    return traits.key();
  }

  /** {@return its name in a grower's words} */
  public final String label() {
    return traits.label();
  }

  /** {@return what it does to the seed} */
  public final Placement placement() {
    return traits.placement();
  }

  /** {@return which of a species' rates it goes by} */
  public final RateBasis rateBasis() {
    return traits.rateBasis();
  }

  /** {@return what is known of it as data} */
  public final SeedingTraits traits() {
    return traits;
  }

  /**
   * {@return whether seed lies on the ground until rain or frost takes it in, so that rates of the
   * surface apply}
   */
  public final boolean onSurface() {
    return rateBasis() == RateBasis.SURFACE;
  }

  /**
   * Adds what opens and what closes its time on a field, warmth left aside.
   *
   * @param site the field
   * @param edges takes them, or why there is no such time
   */
  protected abstract void edges(SeedingSite site, WindowEdges edges);

  /**
   * What to watch for on a field.
   *
   * @param site the field
   */
  protected List<Reason> cautions(SeedingSite site) {
    return List.of();
  }

  /** {@return what can hurt someone at this work, or spoil it} */
  public List<Reason> safety() {
    return List.of(
        Reason.of(
            "stop the power take-off, augers and conveyors before clearing them; mind ladders,"
                + " lids and folding wings"),
        Reason.of("do not ride wet ground to keep a date"));
  }

  /** {@return species to think of first where none is planned, by id} */
  public List<String> shortlist() {
    return Shortlist.BEHIND_THE_COMBINE;
  }

  /**
   * {@return what a grower should know of a species before seeding it so}
   *
   * @param species in question
   */
  public List<Reason> say(Species species) {
    return List.of();
  }

  /** {@return whether the crop must be off first} */
  public boolean waitsForHarvest() {
    return false;
  }

  /** {@return whether seed goes out with the combine, as one job with the harvest} */
  public boolean goesWithCombine() {
    return false;
  }

  /** {@return whether it goes between the rows of a crop that then closes over it} */
  public boolean underCrop() {
    return false;
  }

  /**
   * {@return whether its seed comes to stand in rows, which can be laid between those of a crop}
   */
  public boolean inRows() {
    return false;
  }

  /** {@return whether it flies, so that wind and not ground decides over its hours} */
  public boolean flies() {
    return false;
  }

  /** {@return whether the warmth that is left before winter closes its time} */
  public boolean hangsOnWarmth() {
    return true;
  }

  /**
   * {@return whether seed lies on open ground and nothing works it in: what comes up closes its
   * time}
   */
  public boolean spreadAndLeft() {
    return false;
  }

  /** {@return whether seed on the surface cannot do without rain within a week} */
  public boolean needsRain() {
    return onSurface();
  }

  /** {@return whether seed goes out in the manure tank, by volume and not by weight} */
  public boolean carriesManure() {
    return false;
  }

  /** {@return whether it can be had for hire where a shed is empty} */
  public boolean forHire() {
    return false;
  }

  /** {@return whether it is how a thin stand is seeded again} */
  public boolean mends() {
    return false;
  }

  /**
   * {@return the method of a wire name}
   *
   * @param key name on the wire
   * @throws Refused when there is none
   */
  public static SeedingMethod of(String key) {
    return SeedingMethods.find(key)
        .orElseThrow(() -> new Refused("", "there is no way of seeding called “" + key + "”"));
  }

  /** Its key, for logs and tests. */
  @Override
  public final String toString() {
    return key();
  }
}
