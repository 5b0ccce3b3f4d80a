package nimblefurrow.server.money;

import java.util.Optional;
import java.util.UUID;
import nimblefurrow.core.units.Need;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.plan.PlanService;
import nimblefurrow.server.support.ChangedMeanwhile;
import nimblefurrow.server.support.Saving;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Lines of accounts that a farm writes by itself. Callers have checked who asks. */
@Service
public class OwnLines {
  private static final String AWAY = "This account has no such line.";
  private static final int LONGEST = 120;
  private static final double MOST_USD = 1_000_000;

  private final AccountRows rows;
  private final PlanService plans;

  OwnLines(AccountRows rows, PlanService plans) {
    this.rows = rows;
    this.plans = plans;
  }

  /**
   * Adds or changes a line.
   *
   * @throws ChangedMeanwhile when someone saved it since it was read
   */
  @Saving
  public void put(UUID farmId, UUID planId, UUID id, AccountViews.LineInput in) {
    plans.known(farmId, planId);
    String words = in.words().strip();
    if (words.isEmpty() || words.length() > LONGEST) {
      throw new Refused("words", "Say in a few words what the money is for.");
    }
    checked("plannedUsdPerHa", in.plannedUsdPerHa());
    checked("cameUsdPerHa", in.cameUsdPerHa());
    if (in.plannedUsdPerHa() == null && in.cameUsdPerHa() == null) {
      throw new Refused("plannedUsdPerHa", "Say how much, as planned or as it came.");
    }
    Optional<AccountRow> there = rows.toPut(farmId, id, AWAY);
    there.ifPresent(o -> ChangedMeanwhile.unless(o.version, in.version(), "the line", o::line));
    AccountRow row = there.orElseGet(AccountRow::new);
    row.id = id;
    row.farmId = farmId;
    row.planId = planId;
    row.part = in.part().key();
    row.words = words;
    row.plannedUsdPerHa = in.plannedUsdPerHa();
    row.cameUsdPerHa = in.cameUsdPerHa();
    rows.saveAndFlush(row);
  }

  private static void checked(String where, @Nullable Double usdPerHa) {
    if (usdPerHa != null) {
      Need.number(where, "The amount", usdPerHa);
      if (Math.abs(usdPerHa) > MOST_USD) {
        throw new Refused(where, "The amount is too large to be one.");
      }
    }
  }

  /** Takes a line out, or puts it back. */
  @Transactional
  public void remove(UUID farmId, UUID id, boolean away) {
    rows.get(farmId, id, AWAY).removed = away;
  }
}
