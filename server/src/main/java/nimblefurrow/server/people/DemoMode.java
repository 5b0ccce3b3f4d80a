package nimblefurrow.server.people;

import nimblefurrow.server.support.NotFound;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Whether this server shows the made-up farm to anyone who asks. */
@Component
public class DemoMode {
  /** The address of the demonstration's owner, whom nobody can sign in as with a password. */
  public static final String OWNER = "owner@sandpiper-bend.example";

  private final boolean on;
  private final AccountService accounts;

  DemoMode(@Value("${nimble-furrow.demo}") boolean on, AccountService accounts) {
    this.on = on;
    this.accounts = accounts;
  }

  /** Whether it is on. */
  public boolean on() {
    return on;
  }

  /**
   * The demonstration's owner.
   *
   * @throws NotFound when this is no demonstration
   */
  Person owner() {
    if (!on) {
      throw new NotFound("This server has no demo farm.");
    }
    return accounts.find(OWNER).orElseThrow(() -> new NotFound("The demo farm is not loaded."));
  }
}
