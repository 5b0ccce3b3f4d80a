package nimblefurrow.server.seedstock;

import io.swagger.v3.oas.annotations.media.Schema;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A mix the farm uses again.
 *
 * @param version for saving: the version that was read; null for a new one
 */
public record MixView(UUID id, @Nullable Long version, String name, List<Component> components) {
  /**
   * One component.
   *
   * @param rateKgPerHa bulk seed
   * @param lotId which seed, when chosen
   */
  @Schema(name = "MixComponent")
  public record Component(String species, double rateKgPerHa, @Nullable UUID lotId) {}
}
