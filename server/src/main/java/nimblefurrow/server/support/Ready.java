package nimblefurrow.server.support;

import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Whether this server can do its work: for whoever watches over it. */
@RestController
class Ready {
  private final JdbcTemplate database;
  private final Memory memory;

  Ready(JdbcTemplate database, Memory memory) {
    this.database = database;
    this.memory = memory;
  }

  /** How much is remembered, bytes. */
  record ReadyView(boolean ready, long rememberedBytes) {}

  @GetMapping("/api/ready")
  ReadyView ready() {
    database.queryForObject("select 1", Integer.class);
    return new ReadyView(true, memory.bytes());
  }
}
