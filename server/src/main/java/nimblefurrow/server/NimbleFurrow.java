package nimblefurrow.server;

import java.time.Clock;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;
import org.springframework.resilience.annotation.EnableResilientMethods;

/** The server: accounts, storage and HTTP round the rules in core. */
@SpringBootApplication
@ConfigurationPropertiesScan
@EnableResilientMethods
public class NimbleFurrow {
  /** Starts the server. */
  public static void main(String[] arguments) {
    SpringApplication.run(NimbleFurrow.class, arguments);
  }

  @Bean
  Clock clock() {
    return Clock.systemDefaultZone();
  }
}
