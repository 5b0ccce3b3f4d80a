package nimblefurrow.core.record;

import java.util.Set;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.units.Keyed;
import nimblefurrow.core.units.Refused;

/** Kinds of entries of the record, what was done and what was seen, each with what it carries. */
public enum LogKind implements Keyed {
  /** A form begins with it. */
  NOTE("note", "note", Carries.NOTHING),
  SEEDED(
      "seeded",
      "seeded",
      Carries.NOTHING
          .maybe(
              EntryFigure.AREA,
              EntryFigure.TARGET_RATE,
              EntryFigure.SEED,
              EntryFigure.SETTING,
              EntryFigure.DEPTH,
              EntryFigure.SPEED,
              EntryFigure.BEARING,
              EntryFigure.HOURS,
              EntryFigure.NITROGEN)
          .maybe(EntryName.PRODUCT)),
  HARVESTED(
      "harvested",
      "harvested",
      Carries.NOTHING.maybe(EntryFigure.YIELD, EntryFigure.MOISTURE, EntryFigure.HOURS)),
  SPRAYED(
      "sprayed",
      "sprayed",
      Carries.NOTHING
          .maybe(EntryName.RESIDUAL)
          .maybe(EntryFigure.WIND, EntryFigure.AIR, EntryFigure.SPEED, EntryFigure.HOURS)),
  ROLLED(
      "rolled",
      "rolled",
      Carries.NOTHING.maybe(EntryFigure.ROLLER_MASS, EntryFigure.SPEED, EntryFigure.HOURS)),
  MOWED("mowed", "mowed", Carries.NOTHING.maybe(EntryFigure.HOURS)),
  TILLED("tilled", "tilled", Carries.NOTHING.maybe(EntryFigure.HOURS)),
  ENDED(
      "ended",
      "ended",
      Carries.NOTHING
          .maybe(EntryName.ENDING)
          .maybe(
              EntryFigure.WIND,
              EntryFigure.AIR,
              EntryFigure.ROLLER_MASS,
              EntryFigure.SPEED,
              EntryFigure.HOURS)),
  PLANTED("planted", "planted", Carries.NOTHING.maybe(EntryFigure.HOURS)),
  FERTILISED(
      "fertilised",
      "fertilised",
      Carries.NOTHING
          .maybe(EntryName.PRODUCT, EntryName.SPREAD)
          .maybe(
              EntryFigure.NITROGEN,
              EntryFigure.PHOSPHATE,
              EntryFigure.POTASH,
              EntryFigure.WORKED_IN)),
  MANURED(
      "manured",
      "manure spread",
      Carries.NOTHING
          .maybe(EntryName.PRODUCT, EntryName.SPREAD)
          .maybe(
              EntryFigure.SLURRY,
              EntryFigure.MANURE,
              EntryFigure.NITROGEN,
              EntryFigure.AMMONIUM,
              EntryFigure.PHOSPHATE,
              EntryFigure.POTASH,
              EntryFigure.WORKED_IN)),
  GRAZED(
      "grazed",
      "grazed",
      Carries.NOTHING.needs(EntryFigure.HEAD, EntryFigure.GRAZED).maybe(EntryFigure.LEFT)),
  PLANTS(
      "plants",
      "plants counted",
      Carries.NOTHING.needs(EntryFigure.PLANTS).needs(EntryName.SPECIES)),
  HEIGHT("height", "height measured", Carries.NOTHING.needs(EntryFigure.HEIGHT)),
  COVER(
      "cover",
      "cover clipped and dried",
      Carries.NOTHING.needs(EntryFigure.COVER).maybe(EntryFigure.TOPS_NITROGEN)),
  STAGE("stage", "stage seen", Carries.NOTHING.needs(EntryName.SPECIES, EntryName.STAGE)),
  COUNTED("counted", "kill counted", Carries.NOTHING.needs(EntryFigure.KILL)),
  WEEDS("weeds", "weeds rated", Carries.NOTHING.needs(EntryFigure.WEEDS)),
  CROP_STAND("cropStand", "stand of the crop", Carries.NOTHING.needs(EntryFigure.PLANTS)),
  /** Too little stands: what was seeded counts as gone, and the plan is open again. */
  RESEED("reseed", "to be seeded again", Carries.NOTHING),
  SOIL(
      "soil",
      "soil looked at",
      Carries.NOTHING.maybe(
          EntryFigure.WORMS,
          EntryFigure.SOAKS,
          EntryFigure.SOAKS_AGAIN,
          EntryFigure.SOIL_NITRATE,
          EntryFigure.ORGANIC_MATTER,
          EntryFigure.RESIDUE,
          EntryFigure.CRUST,
          EntryFigure.TIGHT_AT,
          EntryFigure.RESISTANCE)),
  BILL(
      "bill",
      "bill",
      Carries.NOTHING
          .needs(EntryFigure.MONEY)
          .needs(EntryName.MONEY_WAY, EntryName.PARTY)
          .maybe(EntryName.MONEY_FOR)),
  PAYMENT(
      "payment",
      "payment",
      Carries.NOTHING.needs(EntryFigure.MONEY).needs(EntryName.MONEY_WAY, EntryName.PARTY));

  private final String key;
  private final String label;
  private final Carries carries;

  LogKind(String key, String label, Carries carries) {
    this.key = key;
    this.label = label;
    this.carries = carries;
  }

  @Override
  public String key() {
    return key;
  }

  @Override
  public String toString() {
    return key;
  }

  /** {@return what it is, for a list or a sentence} */
  public String label() {
    return label;
  }

  /** {@return what an entry of this kind carries} */
  public Carries carries() {
    return carries;
  }

  /** Where a kind stands in a list: what is written by hand most first, for work is ticked off. */
  public enum Group implements Keyed {
    LOOK("look", "Seen"),
    WORK("work", "Done"),
    MONEY("money", "Money");

    private final String key;
    private final String label;

    Group(String key, String label) {
      this.key = key;
      this.label = label;
    }

    @Override
    public String key() {
      return key;
    }

    @Override
    public String toString() {
      return key;
    }

    /** {@return what stands above them} */
    public String label() {
      return label;
    }
  }

  /** {@return where it stands in a list} */
  public Group group() {
    return switch (this) {
      case PLANTS, HEIGHT, COVER, STAGE, RESEED, COUNTED, WEEDS, CROP_STAND, SOIL, NOTE ->
          Group.LOOK;
      case BILL, PAYMENT -> Group.MONEY;
      default -> Group.WORK;
    };
  }

  /** {@return whether it is a look at the cover, which the season goes on from} */
  public boolean sighting() {
    return switch (this) {
      case PLANTS, HEIGHT, COVER, STAGE -> true;
      default -> false;
    };
  }

  /**
   * {@return what of the things to watch after an ending is seen to by an entry of this kind, by
   * the keys of the {@link nimblefurrow.core.ending.WatchList}}
   */
  public Set<String> answers() {
    return switch (this) {
      case COUNTED -> Set.of("kill", "survivors", "regrowth", "slow");
      case CROP_STAND -> Set.of("cropStand");
      case WEEDS -> Set.of("weeds", "volunteers");
      case SPRAYED, ROLLED, MOWED, TILLED -> Set.of("secondPass");
      default -> Set.of();
    };
  }

  /** {@return whether it sees to what a count found alive after an ending} */
  public boolean endsSurvivors() {
    return answers().contains("secondPass");
  }

  /**
   * {@return what is written down when a second pass is done with such work}
   *
   * @param work of the pass
   */
  public static LogKind ofSecondPass(MachineWork work) {
    return switch (work) {
      case ROLL -> ROLLED;
      case MOW -> MOWED;
      case TILL -> TILLED;
      default -> SPRAYED;
    };
  }

  /** {@return whether a machine does it} */
  public boolean byMachine() {
    return group() == Group.WORK && this != GRAZED;
  }

  /** {@return whether it only makes sense where there is a cover} */
  public boolean ofCover() {
    return sighting() || this == COUNTED || this == RESEED;
  }

  /**
   * {@return the kind of a stored name}
   *
   * @param key name on the wire
   * @throws Refused when there is none
   */
  public static LogKind of(String key) {
    return Keyed.find(values(), key)
        .orElseThrow(() -> new Refused("kind", "There is no kind of work called “" + key + "”."));
  }
}
