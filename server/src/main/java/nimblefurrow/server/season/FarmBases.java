package nimblefurrow.server.season;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import nimblefurrow.core.machine.Machine;
import nimblefurrow.server.price.PriceService;
import nimblefurrow.server.shed.MachineView;
import nimblefurrow.server.shed.ShedService;
import org.springframework.stereotype.Service;

/** Finds what a farm reckons covers with. Callers have checked who asks. */
@Service
public class FarmBases {
  private final ShedService shed;
  private final FarmRules rules;
  private final PriceService prices;

  FarmBases(ShedService shed, FarmRules rules, PriceService prices) {
    this.shed = shed;
    this.rules = rules;
    this.prices = prices;
  }

  public FarmBasis of(UUID farmId) {
    Map<UUID, Machine> machines = new LinkedHashMap<>();
    shed.machines(farmId).stream().map(MachineView::machine).forEach(m -> machines.put(m.id(), m));
    return new FarmBasis(machines, rules.of(farmId), prices.of(farmId));
  }
}
