package nimblefurrow.phone;

/** Something that only the server can answer; who asked goes on to ask it there. */
final class NotHere extends RuntimeException {
  private static final long serialVersionUID = 1;

  NotHere(String what) {
    super(what);
  }
}
