package nimblefurrow.server.support;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Addresses inside the web's own pages all answer with its one page. */
@Controller
class SinglePage {
  @GetMapping({
    "/{page:(?!api$|assets$|phone$|error$)[a-z-]+}",
    "/{page:(?!api$|assets$|phone$|error$)[a-z-]+}/**",
  })
  String page() {
    return "forward:/index.html";
  }
}
