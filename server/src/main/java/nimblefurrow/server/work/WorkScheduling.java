package nimblefurrow.server.work;

import org.springframework.context.annotation.Configuration;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Lets the worker look for layings-out. */
@Configuration
@EnableScheduling
class WorkScheduling {}
