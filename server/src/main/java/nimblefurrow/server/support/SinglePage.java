package nimblefurrow.server.support;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Addresses inside the web's own pages all answer with its one page. */
@Controller
class SinglePage {
  @GetMapping({
    "/season",
    "/fields",
    "/fields/**",
    "/map",
    "/weather",
    "/account",
    "/sign-in",
    "/first-run",
    "/take-away",
    "/sheet",
    "/people"
  })
  String page() {
    return "forward:/index.html";
  }
}
