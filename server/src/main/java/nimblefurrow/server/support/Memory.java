package nimblefurrow.server.support;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.ToLongFunction;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * What was computed and may be asked for again, of all kinds together and weighed in bytes: a third
 * of the heap at most, so that what is kept never crowds out what is being computed. Keys are
 * values that hold all inputs; what they stand for can always be computed again.
 */
@Component
public class Memory {
  private static final int BYTES_PER_WEIGHT = 64;

  private final Cache<Object, Kept> kept;

  private record Kept(Object value, int weight) {}

  @Autowired
  Memory(@Value("${nimble-furrow.memory-share:0.33}") double share) {
    this((long) (Runtime.getRuntime().maxMemory() * share));
  }

  Memory(long bytes) {
    kept =
        Caffeine.newBuilder()
            .maximumWeight(Math.max(1, bytes / BYTES_PER_WEIGHT))
            .weigher((Object key, Kept value) -> value.weight())
            .build();
  }

  /**
   * What a key stands for, computed unless it is kept.
   *
   * @param key a value; its class tells kinds apart
   * @param bytes about how much heap the answer holds, itself and its key
   * @param compute must not ask this memory
   */
  @SuppressWarnings("unchecked")
  public <K, V> V get(K key, ToLongFunction<V> bytes, Function<K, V> compute) {
    Kept found =
        kept.get(
            key,
            k -> {
              V value = compute.apply(key);
              long weight = bytes.applyAsLong(value) / BYTES_PER_WEIGHT + 1;
              return new Kept(value, (int) Math.min(Integer.MAX_VALUE, weight));
            });
    return (V) found.value();
  }

  /** Lets go of all whose key is of no use any more. */
  public void forget(Predicate<Object> useless) {
    kept.asMap().keySet().removeIf(useless);
  }

  /** About how many bytes are kept now. */
  public long bytes() {
    kept.cleanUp();
    return kept.policy().eviction().orElseThrow().weightedSize().orElse(0) * BYTES_PER_WEIGHT;
  }
}
