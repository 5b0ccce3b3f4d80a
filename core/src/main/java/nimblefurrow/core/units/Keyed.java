package nimblefurrow.core.units;

/**
 * A kind of something with a name that is stored and sent. Enums that have one say it as their
 * text, so that whatever writes or reads them by their text agrees.
 */
public interface Keyed {
  /** {@return the name stored and on the wire} */
  String key();
}
