package nimblefurrow.server.cover;

import nimblefurrow.core.cover.OwnSpecies;
import nimblefurrow.server.support.Stored;
import org.mapstruct.Mapper;
import org.mapstruct.factory.Mappers;

/** A species of the farm's own as {@code own_species} keeps it; rates in kg/ha of bulk seed. */
record StoredSpecies(
    String id,
    String like,
    String name,
    double seedsPerKg,
    Rates drilled,
    Rates surface,
    double mixCapKgPerHa,
    double depthLowMm,
    double depthHighMm,
    double lt50C,
    double ripening,
    double heightCm,
    double mostMgPerHa,
    double usdPerKg) {
  static final Shape SHAPE = Mappers.getMapper(Shape.class);

  record Rates(double low, double typical, double high) {}

  /** From and to the species. */
  @Mapper(config = Stored.class)
  interface Shape {
    StoredSpecies store(OwnSpecies species);

    OwnSpecies read(StoredSpecies stored);
  }
}
