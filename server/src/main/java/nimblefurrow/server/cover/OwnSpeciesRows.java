package nimblefurrow.server.cover;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.support.FarmRows;
import org.springframework.data.jpa.repository.Query;

interface OwnSpeciesRows extends FarmRows<OwnSpeciesRow, String> {
  List<OwnSpeciesRow> findByFarmIdOrderByName(UUID farmId);

  /** Where a species is used: in words for a sentence, or nothing. */
  @Query(
      nativeQuery = true,
      value =
          "select 'a plan' from cover_component c join cover_plan p on p.id = c.plan_id"
              + " where p.farm_id = :farmId and c.species = :id"
              + " union all select 'lot ' || lot_no from seed_lot"
              + " where farm_id = :farmId and species = :id"
              + " union all select 'the mix ' || name from farm_mix"
              + " where farm_id = :farmId and components"
              + " @> jsonb_build_array(jsonb_build_object('species', cast(:id as text)))"
              + " limit 1")
  List<String> usedIn(UUID farmId, String id);
}
