package nimblefurrow.server.trial;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Version;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

@Entity
class Trial {
  @Id UUID id;
  UUID farmId;
  UUID fieldId;
  int seasonYear;
  String question;

  /** Key of the crop whose yield is measured. */
  String crop;

  @JdbcTypeCode(SqlTypes.JSON)
  List<Treated> treatments;

  int replicates;
  double stripWidthM;
  @Nullable Double bearingDeg;

  @JdbcTypeCode(SqlTypes.JSON)
  List<Strip> strips;

  /** Fields that its ways are worked as, then what lies round them; null while it is one field. */
  @JdbcTypeCode(SqlTypes.JSON)
  @Nullable List<UUID> parts;

  /** Of the strips that fit side by side, the place of the first. */
  int firstStrip;

  boolean removed;
  @Version @Nullable Long version;

  /** A treatment and what it costs. */
  record Treated(String name, double usdPerHa) {}

  /**
   * A strip, in its order across the field.
   *
   * @param treatment by its place
   * @param lost why it does not count; null where it does
   * @param figures what was measured, by the keys of figures
   */
  record Strip(int block, int treatment, @Nullable String lost, Map<String, Double> figures) {}
}
