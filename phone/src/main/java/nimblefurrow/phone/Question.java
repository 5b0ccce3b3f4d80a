package nimblefurrow.phone;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSObject;

/** A question as the server's door of the same name takes it. */
final class Question {
  private final JSObject parts;

  Question(JSObject parts) {
    this.parts = parts;
  }

  /** A number; not a number where it is missing, which every rule refuses. */
  double number(String name) {
    return number(parts, name);
  }

  @Nullable Double maybe(String name) {
    double value = number(parts, name);
    return Double.isNaN(value) ? null : value;
  }

  double or(String name, double usual) {
    double value = number(parts, name);
    return Double.isNaN(value) ? usual : value;
  }

  List<Double> numbers(String name) {
    List<Double> all = new ArrayList<>();
    for (int i = 0; i < size(parts, name); i++) {
      all.add(at(parts, name, i));
    }
    return all;
  }

  List<Question> parts(String name) {
    List<Question> all = new ArrayList<>();
    for (int i = 0; i < size(parts, name); i++) {
      all.add(new Question(part(parts, name, i)));
    }
    return all;
  }

  /** Days in a column; what is missing on a day is not a number. */
  double[] column(String name) {
    double[] all = new double[size(parts, name)];
    for (int i = 0; i < all.length; i++) {
      all[i] = at(parts, name, i);
    }
    return all;
  }

  /** A text; empty where it is missing. */
  String text(String name) {
    return text(parts, name);
  }

  boolean has(String name) {
    return has(parts, name);
  }

  boolean is(String name) {
    return text(parts, name).equals("true");
  }

  LocalDate day(String name) {
    return LocalDate.parse(text(name));
  }

  @Nullable LocalDate maybeDay(String name) {
    return has(name) ? day(name) : null;
  }

  Question part(String name) {
    return new Question(inner(parts, name));
  }

  @JSBody(
      params = {"parts", "name"},
      script = "return typeof parts[name] === 'number' ? parts[name] : NaN;")
  private static native double number(JSObject parts, String name);

  @JSBody(
      params = {"parts", "name"},
      script = "return Array.isArray(parts[name]) ? parts[name].length : 0;")
  private static native int size(JSObject parts, String name);

  @JSBody(
      params = {"parts", "name", "i"},
      script = "return parts[name][i] === null ? NaN : +parts[name][i];")
  private static native double at(JSObject parts, String name, int i);

  @JSBody(
      params = {"parts", "name"},
      script = "return parts[name] == null ? '' : String(parts[name]);")
  private static native String text(JSObject parts, String name);

  @JSBody(
      params = {"parts", "name"},
      script = "return parts[name] != null;")
  private static native boolean has(JSObject parts, String name);

  @JSBody(
      params = {"parts", "name", "i"},
      script = "return parts[name][i];")
  private static native JSObject part(JSObject parts, String name, int i);

  @JSBody(
      params = {"parts", "name"},
      script = "return parts[name] || {};")
  private static native JSObject inner(JSObject parts, String name);
}
