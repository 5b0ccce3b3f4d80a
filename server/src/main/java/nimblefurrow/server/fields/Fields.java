package nimblefurrow.server.fields;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface Fields extends FarmRows<Field, UUID> {
  /** What is worked now: not what was divided or joined since. */
  List<Field> findByFarmIdAndWorkedUntilIsNullOrderByName(UUID farmId);

  /** A crop of a year of a piece, read without its piece. */
  record PieceCrop(
      UUID piece,
      int seasonYear,
      String kind,
      @Nullable LocalDate plantedOn,
      @Nullable BigDecimal maturity,
      @Nullable BigDecimal rowSpacingM,
      @Nullable LocalDate harvestOn) {}

  /** Crops of a season and the one after it, of all pieces of a farm. */
  @Query(
      "select new nimblefurrow.server.fields.Fields$PieceCrop(c.piece.id, c.seasonYear, c.kind,"
          + " c.plantedOn, c.maturity, c.rowSpacingM, c.harvestOn) from CropLink c"
          + " where c.piece.field.farmId = :farmId and c.seasonYear between :season and :season + 1")
  List<PieceCrop> crops(UUID farmId, int season);

  /** Counts a change of a field's crops as a change of the field. */
  @Modifying(flushAutomatically = true, clearAutomatically = true)
  @Query("update versioned Field f set f.name = f.name where f.id in :ids and f.farmId = :farmId")
  void touch(UUID farmId, Collection<UUID> ids);
}
