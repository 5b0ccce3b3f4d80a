package nimblefurrow.phone;

import java.util.List;
import nimblefurrow.core.units.Figure;
import nimblefurrow.core.units.Reason;
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

  Answer with(String name, List<Answer> all) {
    JSObject list = list();
    all.forEach(a -> push(list, a.parts));
    put(parts, name, list);
    return this;
  }

  Answer numbers(String name, List<Double> all) {
    JSObject list = list();
    all.forEach(a -> push(list, a));
    put(parts, name, list);
    return this;
  }

  Answer words(String name, List<String> all) {
    JSObject list = list();
    all.forEach(a -> push(list, a));
    put(parts, name, list);
    return this;
  }

  /** Reasons with their figures, as the server's views have them. */
  Answer reasons(String name, List<Reason> all) {
    return with(name, all.stream().map(Answer::reason).toList());
  }

  /** A reason with its figures. */
  Answer reason(String name, Reason reason) {
    return with(name, reason(reason));
  }

  private static Answer reason(Reason reason) {
    Answer figures = new Answer();
    reason
        .figures()
        .forEach(
            (name, figure) -> {
              Answer said = new Answer();
              if (figure instanceof Figure.Amount amount) {
                said.with("value", amount.value()).with("unit", amount.unit().name());
              } else if (figure instanceof Figure.Words words) {
                said.with("words", words.text());
              }
              figures.with(name, said);
            });
    return new Answer().with("text", reason.text()).with("figures", figures);
  }

  JSObject parts() {
    return parts;
  }

  /** What is wrong, in a sentence, and where. */
  static Answer refused(Refused r) {
    String sentence = r.getMessage();
    return new Answer().with("refused", sentence == null ? "" : sentence).with("where", r.where());
  }

  @JSBody(script = "return [];")
  private static native JSObject list();

  @JSBody(
      params = {"list", "value"},
      script = "list.push(value);")
  private static native void push(JSObject list, JSObject value);

  @JSBody(
      params = {"list", "value"},
      script = "list.push(value);")
  private static native void push(JSObject list, double value);

  @JSBody(
      params = {"list", "value"},
      script = "list.push(value);")
  private static native void push(JSObject list, String value);

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
