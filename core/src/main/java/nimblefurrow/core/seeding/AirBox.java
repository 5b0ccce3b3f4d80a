package nimblefurrow.core.seeding;

/** An air box that drops seed between the rows, without openers. */
final class AirBox extends YoungCrop {
  AirBox() {
    super("airBox", 4, 6);
  }
}
