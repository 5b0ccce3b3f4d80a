package nimblefurrow.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
import java.lang.reflect.Method;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import nimblefurrow.core.units.Refused;
import nimblefurrow.server.support.RowWriting;
import org.junit.jupiter.api.Test;
import org.springframework.data.repository.NoRepositoryBean;
import org.springframework.data.repository.Repository;
import org.springframework.web.ErrorResponseException;
import org.springframework.web.bind.annotation.ResponseStatus;

/** One package per capability; each keeps its storage to itself; no circles between them. */
class ArchitectureTest {
  private static final JavaClasses CLASSES =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .withImportOption(place -> !place.contains("-tests.jar"))
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
    ArchRule rule =
        classes()
            .that()
            .areAssignableTo(Repository.class)
            .and()
            .areNotAnnotatedWith(NoRepositoryBean.class)
            .should()
            .bePackagePrivate();
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

  /** What no farm owns, or what asks across farms on purpose. */
  private static final Set<String> OF_NO_FARM =
      Set.of(
          // People and what lets them in.
          "Accounts",
          "AccessTokens",
          "LoginFailures",
          "Memberships",
          "Farms",
          "Invitations.findByHashAndExpiresAtAfter",
          "Invitations.findFirstByHashAndExpiresAtAfter",
          "CalendarFeeds.findByHash",
          // A station's days: the station was asked for with its farm.
          "StationDays",
          // Whose link it is, its secret says.
          "PasswordLinks",
          // The queue of laying-outs is one for the server.
          "WorkRuns.ahead",
          "WorkRuns.take",
          "WorkRuns.findByIdAndOwner",
          "WorkItems.farmsAtWork");

  @Test
  void repositoriesAlwaysTakeTheFarm() {
    List<String> careless = new ArrayList<>();
    int looked = 0;
    for (JavaClass c : CLASSES) {
      // Services see interfaces alone; what stands behind them is reached through these.
      if (!c.isInterface()
          || !c.isAssignableTo(Repository.class)
          || OF_NO_FARM.contains(c.getSimpleName())) {
        continue;
      }
      for (Method m : c.reflect().getMethods()) {
        String name = c.getSimpleName() + "." + m.getName();
        boolean writes = m.getDeclaringClass().equals(RowWriting.class);
        if (writes || OF_NO_FARM.contains(name)) {
          continue;
        }
        looked++;
        if (m.getParameterCount() == 0 || !m.getParameters()[0].getName().endsWith("farmId")) {
          careless.add(name);
        }
      }
    }
    assertThat(looked).as("methods looked at").isGreaterThan(60);
    assertThat(careless).as("repository methods that are not told whose farm it is").isEmpty();
  }

  @Test
  void onlyRefusedIsToldToWhoeverAsked() {
    ArchRule ours =
        classes()
            .that()
            .areAssignableTo(Exception.class)
            .and()
            .resideInAPackage("..server.support..")
            .should()
            .beAssignableTo(Refused.class);
    ours.check(CLASSES);
    ArchRule statuses =
        noClasses()
            .that()
            .resideOutsideOfPackage("..server.support..")
            .should()
            .beAnnotatedWith(ResponseStatus.class)
            .orShould()
            .dependOnClassesThat()
            .areAssignableTo(ErrorResponseException.class);
    statuses.check(CLASSES);
  }
}
