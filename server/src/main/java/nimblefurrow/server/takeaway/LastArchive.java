package nimblefurrow.server.takeaway;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import nimblefurrow.core.units.Refused;
import nimblefurrow.core.units.UnitSystem;
import nimblefurrow.server.archive.FarmArchive;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.fields.FieldView;
import nimblefurrow.server.paper.PaperService;
import nimblefurrow.server.people.Person;
import nimblefurrow.server.picture.PictureService;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * A farm as files that any program opens, in one ZIP: fields, this season's plan, the record,
 * pictures, papers; and beside them all its rows, out of which this program makes it again. It is
 * written as it goes, a picture at a time, however large the farm is. Callers have checked who
 * asks.
 */
@Service
class LastArchive {
  private static final Logger LOG = LoggerFactory.getLogger(LastArchive.class);
  private static final JsonMapper JSON = JsonMapper.shared();

  private final TakeawayService takeaway;
  private final FieldService fields;
  private final PictureService pictures;
  private final PaperService papers;
  private final FarmArchive rows;

  LastArchive(
      TakeawayService takeaway,
      FieldService fields,
      PictureService pictures,
      PaperService papers,
      FarmArchive rows) {
    this.rows = rows;
    this.takeaway = takeaway;
    this.fields = fields;
    this.pictures = pictures;
    this.papers = papers;
  }

  void write(UUID farmId, UnitSystem units, OutputStream out) throws IOException {
    ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
    text(zip, "fields.json", JSON.writeValueAsString(fields.list(farmId)));
    text(zip, "fields.geojson", JSON.writeValueAsString(boundaries(farmId)));
    text(zip, "plan.csv", takeaway.csv(farmId));
    text(zip, "record.csv", takeaway.record(farmId, units));
    for (FieldView f : fields.list(farmId)) {
      for (PictureService.Kept p : pictures.kept(farmId, f.id())) {
        // The day first, so that they stand in their order; the id tells two of one day apart.
        String name = "pictures/%s/%s-%s.jpg".formatted(file(f.name()), p.takenOn(), p.id());
        bytes(zip, name, pictures.whole(farmId, p.id()));
      }
    }
    for (PaperService.Kept p : papers.kept(farmId)) {
      bytes(zip, "papers/%s-%s".formatted(p.id(), file(p.name())), papers.whole(farmId, p.id()));
    }
    rows.write(farmId, zip);
    zip.finish();
  }

  /**
   * Founds a farm out of an archive. What cannot be written out again is not taken in.
   *
   * @return its id
   * @throws Refused when the file is no archive, or not as this program writes them
   */
  @Transactional
  public UUID restore(Path file, Person owner) throws IOException {
    UUID farm = rows.restore(file, owner);
    try {
      write(farm, UnitSystem.METRIC, OutputStream.nullOutputStream());
    } catch (Refused e) {
      throw e;
    } catch (RuntimeException e) {
      LOG.info("what an archive held cannot be read", e);
      throw new Refused("", "Something in it is nothing this program knows: the file was changed.");
    }
    return farm;
  }

  /**
   * Boundaries as GeoJSON (RFC 7946), each with its field's name: the program takes them in again.
   */
  private Map<String, Object> boundaries(UUID farmId) {
    Map<UUID, String> names =
        fields.list(farmId).stream().collect(Collectors.toMap(FieldView::id, FieldView::name));
    List<Map<String, Object>> features =
        fields.shapes(farmId).stream()
            .map(
                s ->
                    Map.<String, Object>of(
                        "type", "Feature",
                        "properties", Map.of("name", names.getOrDefault(s.fieldId(), "")),
                        "geometry", Map.of("type", "MultiPolygon", "coordinates", s.polygons())))
            .toList();
    return Map.of("type", "FeatureCollection", "features", features);
  }

  /** A name that no system takes for a path. */
  static String file(String name) {
    String safe = name.replaceAll("[^\\p{L}\\p{N}._-]+", "-");
    return safe.startsWith(".") ? "-" + safe : safe;
  }

  private static void text(ZipOutputStream zip, String name, String text) throws IOException {
    bytes(zip, name, text.getBytes(StandardCharsets.UTF_8));
  }

  private static void bytes(ZipOutputStream zip, String name, byte[] bytes) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(bytes);
    zip.closeEntry();
  }
}
