package nimblefurrow.server.ending;

import java.util.List;
import java.util.Map;
import nimblefurrow.core.ending.SprayProduct;
import nimblefurrow.server.support.Stored;
import org.jspecify.annotations.Nullable;
import org.mapstruct.Mapper;
import org.mapstruct.factory.Mappers;

/** A label as {@code spray_product} keeps it; parts and units as of {@link SprayProduct}. */
record StoredProduct(
    String name,
    String active,
    String mode,
    String unit,
    double activeGPerUnit,
    double lowPerHa,
    double highPerHa,
    @Nullable Double carrierLowLPerHa,
    @Nullable Double carrierHighLPerHa,
    double rainFreeHours,
    Map<String, Integer> plantBackDays,
    double reentryHours,
    @Nullable Integer grazingDays,
    @Nullable Double seasonLimitGPerHa,
    @Nullable Double windLowMPerS,
    @Nullable Double windHighMPerS,
    List<Row> byHeight) {
  static final Shape SHAPE = Mappers.getMapper(Shape.class);

  record Row(double upToCm, double ratePerHa) {}

  /** From and to the product. */
  @Mapper(config = Stored.class)
  interface Shape {
    StoredProduct store(SprayProduct product);

    SprayProduct read(StoredProduct stored);
  }
}
