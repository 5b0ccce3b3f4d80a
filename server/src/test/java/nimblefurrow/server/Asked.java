package nimblefurrow.server;

import java.net.http.HttpRequest;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;

/** What tests have asked of the server and were answered, over a whole run. */
final class Asked {
  private static final Set<String> DONE = ConcurrentHashMap.newKeySet();
  private static final Set<String> BY = ConcurrentHashMap.newKeySet();

  private Asked() {}

  /** Remembers a request that was answered well, and the test class that sent it. */
  static void remember(HttpRequest request, int status) {
    if (status >= 300) {
      return;
    }
    String by =
        StackWalker.getInstance()
            .walk(
                frames ->
                    frames
                        .map(StackWalker.StackFrame::getClassName)
                        .filter(c -> c.startsWith("nimblefurrow.") && c.contains("Test"))
                        .reduce((first, last) -> last)
                        .orElse(""));
    if (!by.isEmpty() && !by.contains("EveryDoorTest")) {
      BY.add(by.replaceAll("[$].*", ""));
      DONE.add(request.method() + " " + request.uri().getPath());
    }
  }

  static int classes() {
    return BY.size();
  }

  static boolean any(Pattern operation) {
    return DONE.stream().anyMatch(d -> operation.matcher(d).matches());
  }
}
