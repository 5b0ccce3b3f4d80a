package nimblefurrow.server.seedstock;

import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** A species of a mix as {@code farm_mix} keeps it; the rate in kg/ha of bulk seed. */
record StoredSeed(String species, double rateKgPerHa, @Nullable UUID lotId) {
  static StoredSeed of(MixView.Component c) {
    return new StoredSeed(c.species(), c.rateKgPerHa(), c.lotId());
  }

  MixView.Component component() {
    return new MixView.Component(species, rateKgPerHa, lotId);
  }
}
