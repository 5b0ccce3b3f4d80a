package nimblefurrow.server.money;

import java.util.List;
import java.util.UUID;
import nimblefurrow.server.people.Access;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Accounts of covers: one field's, and the farm's. */
@RestController
@RequestMapping("/api/farms/{farmId}")
class AccountController {
  private final FieldAccounts accounts;
  private final OwnLines lines;
  private final Access access;

  AccountController(FieldAccounts accounts, OwnLines lines, Access access) {
    this.accounts = accounts;
    this.lines = lines;
    this.access = access;
  }

  @GetMapping("/fields/{fieldId}/accounts")
  List<AccountViews.CoverAccountView> field(@PathVariable UUID farmId, @PathVariable UUID fieldId) {
    access.see(farmId);
    return accounts.field(farmId, fieldId);
  }

  /**
   * All covers of some seasons.
   *
   * @param first the first season
   * @param last the last one
   */
  @GetMapping("/accounts")
  AccountViews.FarmAccounts farm(
      @PathVariable UUID farmId, @RequestParam int first, @RequestParam int last) {
    access.see(farmId);
    return accounts.farm(farmId, first, last);
  }

  @PutMapping("/covers/{planId}/account-lines/{lineId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void put(
      @PathVariable UUID farmId,
      @PathVariable UUID planId,
      @PathVariable UUID lineId,
      @RequestBody AccountViews.LineInput line) {
    access.manage(farmId);
    lines.put(farmId, planId, lineId, line);
  }

  @DeleteMapping("/account-lines/{lineId}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void remove(@PathVariable UUID farmId, @PathVariable UUID lineId) {
    access.manage(farmId);
    lines.remove(farmId, lineId, true);
  }

  @PostMapping("/account-lines/{lineId}/restore")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void restore(@PathVariable UUID farmId, @PathVariable UUID lineId) {
    access.manage(farmId);
    lines.remove(farmId, lineId, false);
  }
}
