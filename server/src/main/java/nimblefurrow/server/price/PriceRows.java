package nimblefurrow.server.price;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import nimblefurrow.server.support.RowWriting;
import org.springframework.data.repository.Repository;

interface PriceRows extends Repository<PriceRow, UUID>, RowWriting<PriceRow> {
  List<PriceRow> findByFarmId(UUID farmId);

  Optional<PriceRow> findByFarmIdAndWhat(UUID farmId, String what);
}
