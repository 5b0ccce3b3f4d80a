package nimblefurrow.server.demo;

import nimblefurrow.server.farm.FarmView;
import nimblefurrow.server.people.Access;
import nimblefurrow.server.people.DemoMode;
import nimblefurrow.server.support.NotFound;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** The made-up farm once more, to try things on: only where this server shows it at all. */
@RestController
class DemoController {
  private final DemoMode mode;
  private final DemoFarm demo;
  private final Access access;

  DemoController(DemoMode mode, DemoFarm demo, Access access) {
    this.mode = mode;
    this.demo = demo;
    this.access = access;
  }

  record CopyInput(String name) {}

  @PostMapping("/api/demo/farms")
  FarmView copy(@RequestBody CopyInput input) {
    if (!mode.on()) {
      throw new NotFound("This server has no demo farm.");
    }
    return demo.copy(input.name(), access.person());
  }
}
