package nimblefurrow.server.work;

import java.util.List;
import java.util.Objects;
import java.util.UUID;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.people.AccountService;
import nimblefurrow.server.people.DemoMode;
import nimblefurrow.server.people.Person;
import nimblefurrow.server.people.Role;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/**
 * Lays out the made-up farm's work and keeps it, once, after the first start: whoever looks finds a
 * farm at work, and what it needs is computed by then. Taken back it does not come again.
 */
@Component
class DemoPlan {
  private static final Logger LOG = LoggerFactory.getLogger(DemoPlan.class);
  private static final String WHO = "the demonstration";
  private static final long LOOKS_EVERY_MS = 500;

  private final DemoMode mode;
  private final boolean wanted;
  private final AccountService accounts;
  private final Access access;
  private final FarmService farms;
  private final LayingOut layings;
  private final PlanKeeping keeping;

  DemoPlan(
      DemoMode mode,
      @Value("${nimble-furrow.demo-kept-plan}") boolean wanted,
      AccountService accounts,
      Access access,
      FarmService farms,
      LayingOut layings,
      PlanKeeping keeping) {
    this.mode = mode;
    this.wanted = wanted;
    this.accounts = accounts;
    this.access = access;
    this.farms = farms;
    this.layings = layings;
    this.keeping = keeping;
  }

  @EventListener(ApplicationReadyEvent.class)
  void start() {
    if (mode.on() && wanted) {
      Thread thread = new Thread(this::keepOnce, "demo-plan");
      thread.setDaemon(true);
      thread.start();
    }
  }

  private void keepOnce() {
    try {
      Person owner = accounts.find(DemoMode.OWNER).orElseThrow();
      UUID farm =
          access.farms(owner.id()).entrySet().stream()
              .filter(e -> e.getValue() == Role.OWNER)
              .map(e -> farms.get(e.getKey()))
              .filter(FarmView::demo)
              .map(FarmView::id)
              .findFirst()
              .orElseThrow();
      // Somebody has laid out something already: it is theirs.
      if (layings.last(farm) != null) {
        return;
      }
      UUID run = layings.ask(farm, new WorkViews.RunInput(null, null, null), WHO, List.of()).id();
      while (layings.underWay(farm)) {
        Thread.sleep(LOOKS_EVERY_MS);
      }
      if (Objects.requireNonNull(layings.last(farm)).id().equals(run)) {
        keeping.keep(farm, new WorkViews.KeepInput(run, null), owner.id());
        LOG.info("the demonstration's work is laid out and kept");
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    } catch (Refused | DataAccessException e) {
      // Another server, or somebody, was first: theirs stands.
      LOG.info("the demonstration's work is left as it is: {}", e.getMessage());
    }
  }
}
