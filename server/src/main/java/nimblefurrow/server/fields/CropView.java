package nimblefurrow.server.fields;

import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/**
 * A cash crop of one season.
 *
 * @param kind {@code corn}, {@code silageCorn}, {@code soybean}, {@code smallGrain} or {@code none}
 * @param plantedOn day of planting, done or meant
 * @param maturity days of relative maturity of corn, maturity group of soybeans
 * @param rowSpacingM row spacing, m
 * @param harvestOn the day the field is clear, known or expected; the model says when null
 */
public record CropView(
    String kind,
    @Nullable LocalDate plantedOn,
    @Nullable Double maturity,
    @Nullable Double rowSpacingM,
    @Nullable LocalDate harvestOn) {}
