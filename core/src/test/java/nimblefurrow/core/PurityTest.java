package nimblefurrow.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchRule;
import java.time.Clock;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;

/** The core is plain Java: no framework, storage, interface or clock. */
class PurityTest {
  private static final JavaClasses CLASSES =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .withImportOption(place -> !place.contains("-tests.jar"))
          .importPackages("nimblefurrow.core");

  @Test
  void plain() {
    ArchRule rule =
        classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                "nimblefurrow.core..",
                "java..",
                "org.jspecify..",
                "org.apache.commons.csv..",
                "org.apache.commons.numbers..",
                "org.apache.commons.statistics..",
                "org.ejml..",
                "org.locationtech.jts..");
    rule.check(CLASSES);
  }

  @Test
  void noClock() {
    ArchRule rule =
        noClasses()
            .should()
            .callMethod(LocalDate.class, "now")
            .orShould()
            .dependOnClassesThat()
            .areAssignableTo(Clock.class);
    rule.check(CLASSES);
  }

  @Test
  void noCircles() {
    ArchRule rule = slices().matching("nimblefurrow.core.(*)..").should().beFreeOfCycles();
    rule.check(CLASSES);
  }
}
