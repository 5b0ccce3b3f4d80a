package nimblefurrow.e2e;

import org.junit.jupiter.api.extension.AfterEachCallback;
import org.junit.jupiter.api.extension.ExtensionContext;

/**
 * Closes what a test opened. A window left open hears of every change that later tests make to the
 * demo farm, and asks for all it shows anew each time.
 */
public final class CloseWindows implements AfterEachCallback {
  @Override
  public void afterEach(ExtensionContext context) {
    Browser.closeAll();
  }
}
