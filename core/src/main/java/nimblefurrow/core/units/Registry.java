package nimblefurrow.core.units;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/**
 * Definitions that ship, found by their keys, and one more for a while where it is tried out.
 *
 * @param <T> what is defined
 */
public final class Registry<T> {
  private final Function<T, String> key;
  private volatile List<T> all;

  /**
   * @param key of a definition
   * @param shipped in the order they are shown
   */
  public Registry(Function<T, String> key, List<T> shipped) {
    this.key = key;
    this.all = List.copyOf(shipped);
  }

  /** {@return all of them, in their order} */
  public List<T> all() {
    return all;
  }

  /**
   * {@return the one of a key}
   *
   * @param wanted key wanted
   */
  public Optional<T> find(String wanted) {
    return all.stream().filter(t -> key.apply(t).equals(wanted)).findFirst();
  }

  /**
   * Adds one for a while.
   *
   * @param extra what is tried out
   * @return takes it out again when closed
   * @throws IllegalArgumentException when its key is taken
   */
  public synchronized Added add(T extra) {
    if (find(key.apply(extra)).isPresent()) {
      throw new IllegalArgumentException("there is a “" + key.apply(extra) + "” already");
    }
    all = Stream.concat(all.stream(), Stream.of(extra)).toList();
    return () -> remove(extra);
  }

  private synchronized void remove(T extra) {
    all = all.stream().filter(t -> t != extra).toList();
  }

  /** A definition that was added for a while. */
  @FunctionalInterface
  public interface Added extends AutoCloseable {
    @Override
    void close();
  }
}
