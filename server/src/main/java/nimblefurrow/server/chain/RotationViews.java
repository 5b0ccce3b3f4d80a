package nimblefurrow.server.chain;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.plan.PlanInput;
import nimblefurrow.server.support.KeyOf;
import org.jspecify.annotations.Nullable;

/** Rotations as they go over the wire. */
final class RotationViews {
  private RotationViews() {}

  /**
   * A rotation.
   *
   * @param version the version that was read; null for a new one
   * @param years in their order
   */
  record RotationView(UUID id, @Nullable Long version, String name, List<RotationYear> years) {}

  /**
   * One year of it.
   *
   * @param crop kind of the crop taken off in it
   * @param cover what is seeded after it; null for none
   */
  record RotationYear(String crop, @Nullable RotationCover cover) {}

  /**
   * A cover of a rotation.
   *
   * @param seedOn usual day of seeding, such as {@code 09-20}
   * @param endOn usual day of ending
   */
  record RotationCover(
      @KeyOf(KeyOf.What.PURPOSE) List<String> purposes,
      List<PlanInput.Component> components,
      @KeyOf(KeyOf.What.SEEDING_METHOD) String method,
      String seedOn,
      @KeyOf(KeyOf.What.ENDING) String ending,
      String endOn) {}

  /**
   * Where a rotation is to lie.
   *
   * @param fieldIds fields, at least one
   * @param from the first season
   * @param to the last one
   * @param offset which of its years the first season is, from 0
   */
  record LayInput(List<UUID> fieldIds, int from, int to, int offset) {}

  /**
   * A field's season under a rotation.
   *
   * @param crop in a grower's words
   * @param cover likewise; empty for none
   * @param kept why something there was left as it is; null where all was filled
   */
  record LaidYear(int season, String crop, String cover, @Nullable String kept) {}

  /** A field under a rotation. */
  record LaidField(UUID fieldId, String name, List<LaidYear> years) {}

  /** What came of it, or would. */
  record Laid(int filled, int kept, List<LaidField> fields) {}
}
