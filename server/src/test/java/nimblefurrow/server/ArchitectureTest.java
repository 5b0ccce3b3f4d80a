package nimblefurrow.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
import org.junit.jupiter.api.Test;
import org.springframework.data.repository.Repository;

/** One package per capability; each keeps its storage to itself; no circles between them. */
class ArchitectureTest {
  private static final JavaClasses CLASSES =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("nimblefurrow.server");

  @Test
  void noCircles() {
    ArchRule rule = slices().matching("nimblefurrow.server.(*)..").should().beFreeOfCycles();
    rule.check(CLASSES);
  }

  @Test
  void entitiesStayHome() {
    ArchRule rule = classes().that().areAnnotatedWith(Entity.class).should().bePackagePrivate();
    rule.check(CLASSES);
  }

  @Test
  void repositoriesStayHome() {
    ArchRule rule = classes().that().areAssignableTo(Repository.class).should().bePackagePrivate();
    rule.check(CLASSES);
  }

  @Test
  void supportKnowsNoCapability() {
    ArchRule rule =
        noClasses()
            .that()
            .resideInAPackage("..server.support..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                "..server.people..",
                "..server.farm..",
                "..server.fields..",
                "..server.plan..",
                "..server.season..",
                "..server.weather..");
    rule.check(CLASSES);
  }
}
