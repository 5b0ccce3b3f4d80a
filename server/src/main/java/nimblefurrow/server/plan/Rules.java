package nimblefurrow.server.plan;

import nimblefurrow.core.cover.SpeciesTable;
import nimblefurrow.core.outlook.Forecaster;
import nimblefurrow.core.season.SeasonModel;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** The core's tables and model, loaded once at the edge. */
@Configuration
class Rules {
  @Bean
  SpeciesTable speciesTable() {
    return SpeciesTable.shipped();
  }

  @Bean
  SeasonModel seasonModel() {
    return SeasonModel.shipped();
  }

  @Bean
  Forecaster forecaster(SeasonModel model) {
    return new Forecaster(model);
  }
}
