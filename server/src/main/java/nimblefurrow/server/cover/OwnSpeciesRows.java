package nimblefurrow.server.cover;

import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface OwnSpeciesRows extends JpaRepository<OwnSpeciesRow, String> {
  List<OwnSpeciesRow> findByFarmIdOrderByName(UUID farmId);

  /** Where a species is used: in words for a sentence, or nothing. */
  @Query(
      nativeQuery = true,
      value =
          "select 'a plan' from cover_component where species = :id"
              + " union all select 'lot ' || lot_no from seed_lot where species = :id"
              + " union all select 'the mix ' || name from farm_mix"
              + " where components @> jsonb_build_array(jsonb_build_object('species', cast(:id as text)))"
              + " limit 1")
  List<String> usedIn(String id);
}
