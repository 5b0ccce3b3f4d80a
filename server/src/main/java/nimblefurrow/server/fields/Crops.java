package nimblefurrow.server.fields;

import java.time.LocalDate;
import nimblefurrow.core.chain.CropKind;
import nimblefurrow.core.ending.NextCrop;
import nimblefurrow.core.season.CashCrop;

/** Stored crops as the core takes them. */
public final class Crops {
  private Crops() {}

  /** The day a crop of a year is planted: the day given, else a usual one. */
  public static LocalDate plantedOn(CropView crop, int year) {
    return CropKind.of(crop.kind()).plantedOn(crop.plantedOn(), year);
  }

  /** A crop of a season as the model takes it. */
  public static CashCrop model(CropView crop, int year) {
    return CropKind.of(crop.kind())
        .model(crop.plantedOn(), crop.maturity(), crop.rowSpacingM(), crop.harvestOn(), year);
  }

  /** What follows a cover, from the crop of the season after it. */
  public static NextCrop next(CropView crop, int year) {
    return new NextCrop(CropKind.of(crop.kind()).next(), plantedOn(crop, year));
  }
}
