package nimblefurrow.server.support;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.Arrays;
import java.util.List;
import java.util.function.Supplier;
import nimblefurrow.core.ending.EndingMethod;
import nimblefurrow.core.ending.EndingMethods;
import nimblefurrow.core.machine.MachineWork;
import nimblefurrow.core.outlook.Purpose;
import nimblefurrow.core.seeding.SeedingMethod;
import nimblefurrow.core.seeding.SeedingMethods;
import nimblefurrow.core.units.Usual;

/**
 * Says that a text on the wire is the key of something that is defined: the document of the
 * interface lists the keys, so that the web's compiler knows them.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target({ElementType.FIELD, ElementType.METHOD, ElementType.PARAMETER})
public @interface KeyOf {
  /** Of what. */
  What value();

  /** What is defined. */
  enum What {
    SEEDING_METHOD(() -> SeedingMethods.all().stream().map(SeedingMethod::key).toList()),
    ENDING(() -> EndingMethods.all().stream().map(EndingMethod::key).toList()),
    PURPOSE(() -> Arrays.stream(Purpose.values()).map(Purpose::key).toList()),
    USUAL(() -> Usual.all().stream().map(Usual::key).toList()),
    MACHINE_WORK(() -> Arrays.stream(MachineWork.values()).map(MachineWork::key).toList());

    private final Supplier<List<String>> keys;

    What(Supplier<List<String>> keys) {
      this.keys = keys;
    }

    List<String> keys() {
      return keys.get();
    }
  }
}
