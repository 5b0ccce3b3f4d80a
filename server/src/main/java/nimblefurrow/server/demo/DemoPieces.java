package nimblefurrow.server.demo;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.fields.PieceService;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Component;

/**
 * Fields of the made-up farm that are worked in pieces, since the day on which they were divided.
 */
@Component
class DemoPieces {
  private final FarmService farms;
  private final FieldService fields;
  private final PieceService pieces;

  DemoPieces(FarmService farms, FieldService fields, PieceService pieces) {
    this.farms = farms;
    this.fields = fields;
    this.pieces = pieces;
  }

  void divide(UUID farm) {
    for (CSVRecord row : DemoRows.rows("pieces.csv")) {
      FieldView whole =
          fields.list(farm).stream()
              .filter(f -> f.name().equals(row.get("name")))
              .findFirst()
              .orElseThrow();
      farms.makeDemo(farm, LocalDate.parse(row.get("divided")));
      pieces.split(
          farm,
          whole.id(),
          new PieceService.SplitInput(
              whole.version(),
              List.of(row.get("first"), row.get("second")),
              null,
              Double.valueOf(row.get("first_ha"))));
    }
    farms.makeDemo(farm, DemoFarm.DAY);
  }
}
