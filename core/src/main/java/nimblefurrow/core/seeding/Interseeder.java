package nimblefurrow.core.seeding;

/** A drill on row units that straddles the young crop. */
final class Interseeder extends YoungCrop {
  Interseeder() {
    super("interseeder", 3, 7);
  }
}
