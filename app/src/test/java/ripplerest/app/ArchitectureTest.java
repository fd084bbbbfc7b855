package ripplerest.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.CompositeArchRule;
import java.util.List;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.RestController;

/** Internal check: abilities know only those before them, and controllers only translate. */
@AnalyzeClasses(packages = "ripplerest.app", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
  private static final List<String> ROAD =
      List.of(
          "http",
          "people",
          "door",
          "work",
          "library",
          "patterns",
          "drawer",
          "log",
          "box",
          "outings",
          "evening",
          "tests",
          "practice",
          "bench",
          "answers",
          "card",
          "club",
          "deleted",
          "demo");

  @ArchTest
  static final ArchRule EACH_ABILITY_KNOWS_ONLY_THOSE_BEFORE_IT =
      CompositeArchRule.of(
          IntStream.range(0, ROAD.size() - 1)
              .mapToObj(
                  i ->
                      noClasses()
                          .that()
                          .resideInAPackage("ripplerest.app." + ROAD.get(i))
                          .should()
                          .dependOnClassesThat()
                          .resideInAnyPackage(
                              ROAD.subList(i + 1, ROAD.size()).stream()
                                  .map(room -> "ripplerest.app." + room)
                                  .toArray(String[]::new)))
              .map(ArchRule.class::cast)
              .toList());

  @ArchTest
  static final ArchRule NO_CONTROLLER_IS_KNOWN_TO_ANYTHING =
      noClasses()
          .that()
          .areNotAnnotatedWith(RestController.class)
          .should()
          .dependOnClassesThat()
          .areAnnotatedWith(RestController.class);

  @ArchTest
  static final ArchRule CONTROLLERS_COMPUTE_NOTHING =
      noClasses()
          .that()
          .areAnnotatedWith(RestController.class)
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "ripplerest.core.assembly..",
              "ripplerest.core.film..",
              "javax.imageio..",
              "java.awt..",
              "java.sql..",
              "org.hibernate..",
              "jakarta.persistence..")
          .orShould()
          .dependOnClassesThat()
          .areAssignableTo(ripplerest.core.estimate.Estimator.class)
          .orShould()
          .dependOnClassesThat()
          .areAssignableTo(ripplerest.core.rest.RestFinder.class);
}
