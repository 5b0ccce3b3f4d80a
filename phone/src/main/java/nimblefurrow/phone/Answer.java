package nimblefurrow.phone;

import nimblefurrow.core.units.Refused;
import org.jspecify.annotations.Nullable;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSObject;

/** An answer as the server's door of the same name writes it. */
final class Answer {
  private final JSObject parts = none();

  Answer with(String name, double value) {
    put(parts, name, value);
    return this;
  }

  /** A part that is left out where it is not known. */
  Answer with(String name, @Nullable Double value) {
    return value == null ? this : with(name, value.doubleValue());
  }

  Answer with(String name, String value) {
    put(parts, name, value);
    return this;
  }

  Answer with(String name, boolean value) {
    put(parts, name, value);
    return this;
  }

  Answer with(String name, @Nullable Answer value) {
    if (value != null) {
      put(parts, name, value.parts);
    }
    return this;
  }

  JSObject parts() {
    return parts;
  }

  /** What is wrong, in a sentence, and where. */
  static Answer refused(Refused r) {
    String sentence = r.getMessage();
    return new Answer().with("refused", sentence == null ? "" : sentence).with("where", r.where());
  }

  @JSBody(script = "return {};")
  private static native JSObject none();

  @JSBody(
      params = {"parts", "name", "value"},
      script = "parts[name] = value;")
  private static native void put(JSObject parts, String name, double value);

  @JSBody(
      params = {"parts", "name", "value"},
      script = "parts[name] = value;")
  private static native void put(JSObject parts, String name, boolean value);

  @JSBody(
      params = {"parts", "name", "value"},
      script = "parts[name] = value;")
  private static native void put(JSObject parts, String name, String value);

  @JSBody(
      params = {"parts", "name", "value"},
      script = "parts[name] = value;")
  private static native void put(JSObject parts, String name, JSObject value);
}
