package nimblefurrow.server;

import java.time.Clock;
import nimblefurrow.server.support.FarmRowsById;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.context.annotation.Bean;
import org.springframework.data.jpa.repository.config.EnableJpaRepositories;
import org.springframework.resilience.annotation.EnableResilientMethods;

/** The server: accounts, storage and HTTP round the rules in core. */
@SpringBootApplication
@ConfigurationPropertiesScan
@EnableResilientMethods
@EnableJpaRepositories(repositoryBaseClass = FarmRowsById.class)
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
