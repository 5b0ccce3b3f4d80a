package nimblefurrow.server.work;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblefurrow.server.farm.FarmService;
import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.fields.FieldService;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.people.Role;
import nimblefurrow.server.support.NotFound;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Farms that are worked for: those the account that put them in may still log work on. */
@Service
class HireService {
  private final FarmHires hires;
  private final FarmService farms;
  private final FieldService fields;
  private final Access access;

  HireService(FarmHires hires, FarmService farms, FieldService fields, Access access) {
    this.hires = hires;
    this.farms = farms;
    this.fields = fields;
    this.access = access;
  }

  /**
   * A farm that could be worked for.
   *
   * @param worked whether its jobs are in the plan
   * @param fields how many it has
   */
  record CustomerView(UUID farmId, String name, boolean worked, int fields) {}

  /** The farms in a plan beside its own. */
  @Transactional(readOnly = true)
  public List<FarmView> customers(UUID farmId) {
    return hires.findByKeyFarmId(farmId).stream()
        .filter(h -> letIn(h.accountId).contains(h.key.customerId()))
        .map(h -> farms.get(h.key.customerId()))
        .sorted(Comparator.comparing(FarmView::name))
        .toList();
  }

  private Set<UUID> letIn(UUID account) {
    return access.farms(account).entrySet().stream()
        .filter(e -> e.getValue().compareTo(Role.OPERATOR) >= 0)
        .map(Map.Entry::getKey)
        .collect(Collectors.toSet());
  }

  /** All farms the asker could work for. */
  @Transactional(readOnly = true)
  List<CustomerView> list(UUID farmId) {
    Set<UUID> worked = customers(farmId).stream().map(FarmView::id).collect(Collectors.toSet());
    return letIn(access.person().id()).stream()
        .filter(id -> !id.equals(farmId))
        .map(farms::get)
        .sorted(Comparator.comparing(FarmView::name))
        .map(
            f ->
                new CustomerView(
                    f.id(), f.name(), worked.contains(f.id()), fields.list(f.id()).size()))
        .toList();
  }

  /**
   * Takes a farm's jobs into the plan, or leaves them out.
   *
   * @throws NotFound when the asker may not log work there
   */
  @Transactional
  List<CustomerView> work(UUID farmId, UUID customerId, boolean worked) {
    FarmHire.Key key = new FarmHire.Key(farmId, customerId);
    if (!worked) {
      hires.findByKeyFarmIdAndKeyCustomerId(farmId, customerId).ifPresent(hires::delete);
    } else if (customerId.equals(farmId) || !letIn(access.person().id()).contains(customerId)) {
      throw new NotFound("There is no other farm like that on which you may log work.");
    } else {
      FarmHire hire = new FarmHire();
      hire.key = key;
      hire.accountId = access.person().id();
      hires.save(hire);
    }
    hires.flush();
    return list(farmId);
  }
}
