package nimblefurrow.core.units;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

class RegistryTest {
  @Test
  void whatIsTriedOutGoesAgainAndTakesNothingWithIt() {
    Registry<String> all = new Registry<>(Function.identity(), List.of("a", "b"));
    Registry.Added c = all.add("c");
    Registry.Added d = all.add("d");
    assertThat(all.all()).containsExactly("a", "b", "c", "d");
    assertThat(all.find("d")).contains("d");
    c.close();
    assertThat(all.all()).as("the other one stays").containsExactly("a", "b", "d");
    d.close();
    d.close();
    assertThat(all.all()).containsExactly("a", "b");
    assertThat(all.find("d")).isEmpty();
    assertThatThrownBy(() -> all.add("a")).hasMessageContaining("“a” already");
  }
}
