package nimblefurrow.core.cover;

import static nimblefurrow.core.units.CsvTable.number;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nimblefurrow.core.units.CsvTable;
import nimblefurrow.core.units.Curve;
import nimblefurrow.core.units.Refused;
import org.apache.commons.csv.CSVRecord;

/** The species the farm can choose from, by id, in the order of the table. */
public final class SpeciesTable {
  private final Map<String, Species> byId;

  private SpeciesTable(Map<String, Species> byId) {
    this.byId = byId;
  }

  /** {@return the table that ships with the model} */
  public static SpeciesTable shipped() {
    return of(CsvTable.shipped("species.csv"));
  }

  /**
   * {@return a table of rows with the columns of the shipped one}
   *
   * @param rows rows to choose from
   * @throws Refused when a row names what there is not, or has no number where one belongs
   */
  public static SpeciesTable of(List<CSVRecord> rows) {
    Map<String, StageScale> scales = scales();
    CurveTable curves = CurveTable.shipped();
    Map<String, Species> all = new LinkedHashMap<>();
    for (CSVRecord row : rows) {
      Species species = read(row, scales, curves);
      all.put(species.id(), species);
    }
    return new SpeciesTable(all);
  }

  /**
   * {@return this table and the grower's own species behind it}
   *
   * @param own the farm's own
   * @throws nimblefurrow.core.units.Refused when one of them lies outside its limits
   */
  public SpeciesTable with(List<OwnSpecies> own) {
    if (own.isEmpty()) {
      return this;
    }
    Map<String, Species> all = new LinkedHashMap<>(byId);
    for (OwnSpecies species : own) {
      all.put(species.id(), species.in(this));
    }
    return new SpeciesTable(all);
  }

  /**
   * {@return this table with prices of seed as a farm pays them, US dollars per kg by id}
   *
   * @param usdPerKg price by id, US dollars per kg
   */
  public SpeciesTable priced(Map<String, Double> usdPerKg) {
    Map<String, Species> all = new LinkedHashMap<>();
    byId.forEach((id, s) -> all.put(id, s.pricedAt(usdPerKg.getOrDefault(id, s.seedUsdPerKg()))));
    return new SpeciesTable(all);
  }

  /** {@return all species in table order} */
  public List<Species> all() {
    return List.copyOf(byId.values());
  }

  /**
   * {@return a species by its id}
   *
   * @param id stable key
   */
  public Optional<Species> find(String id) {
    return Optional.ofNullable(byId.get(id));
  }

  /**
   * {@return a species that must be there}
   *
   * @param id stable key
   * @throws Refused when the table has no such species
   */
  public Species get(String id) {
    return find(id).orElseThrow(() -> new Refused("", "the species table has no “" + id + "”"));
  }

  private static Map<String, StageScale> scales() {
    Map<String, List<StageScale.Stage>> stages = new LinkedHashMap<>();
    for (CSVRecord row : CsvTable.shipped("stages.csv")) {
      stages
          .computeIfAbsent(row.get("scale"), k -> new ArrayList<>())
          .add(new StageScale.Stage(row.get("stage"), number(row, "fraction")));
    }
    Map<String, StageScale> scales = new LinkedHashMap<>();
    stages.forEach((name, list) -> scales.put(name, new StageScale(name, list)));
    return scales;
  }

  private static Species read(CSVRecord r, Map<String, StageScale> scales, CurveTable curves) {
    StageScale scale = scales.get(r.get("stages"));
    if (scale == null) {
      throw new Refused("", "no stage scale " + r.get("stages"));
    }
    Curve carbonToNitrogen = curves.get("carbonToNitrogen", r.get("cn"));
    Curve rollerKill = curves.get("rollerKill", r.get("kill"));
    return new Species(
        r.get("id"),
        r.get("name"),
        r.get("botanical"),
        Family.valueOf(r.get("family").toUpperCase(Locale.ROOT)),
        r.get("life").equals("perennial"),
        new Species.Seed(
            number(r, "seeds_per_kg"),
            number(r, "tsw_g"),
            number(r, "bulk_kg_m3"),
            rates(r, "drill"),
            rates(r, "surf"),
            number(r, "mix_cap"),
            number(r, "depth_lo_mm"),
            number(r, "depth_hi_mm")),
        new Species.Germination(number(r, "tg"), number(r, "emerge_tt")),
        new Species.Winter(
            Hardiness.valueOf(r.get("hardy").toUpperCase(Locale.ROOT)),
            number(r, "lt50"),
            r.get("exposed").equals("1")),
        new Species.Growth(
            number(r, "shade"),
            r.get("heat").isEmpty() ? null : number(r, "heat"),
            number(r, "dominance"),
            number(r, "rue"),
            number(r, "k"),
            number(r, "sla"),
            number(r, "tb"),
            number(r, "t1"),
            number(r, "t2"),
            number(r, "tmax"),
            number(r, "seedling_mg"),
            number(r, "leaf_max_m2"),
            number(r, "root_max_m"),
            number(r, "hmax_cm"),
            number(r, "w_max")),
        new Species.Clock(
            ClockKind.valueOf(r.get("clock").toUpperCase(Locale.ROOT)),
            number(r, "clock_base"),
            r.get("key_stage"),
            number(r, "key_ptu"),
            scale),
        carbonToNitrogen,
        rollerKill,
        r.get("kill"),
        r.get("spray"),
        new Species.Dates(number(r, "wk_early"), number(r, "wk_late")),
        new Species.Advice(r.get("roller"), r.get("herbicide"), r.get("notes")),
        number(r, "cost_usd_kg"));
  }

  private static Species.Rates rates(CSVRecord r, String prefix) {
    return new Species.Rates(
        number(r, prefix + "_lo"), number(r, prefix + "_typ"), number(r, prefix + "_hi"));
  }
}
