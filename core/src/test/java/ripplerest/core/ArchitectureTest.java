package ripplerest.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.CompositeArchRule;
import java.util.List;

/** Internal check: the road through the core runs one way, and no framework stands on it. */
@AnalyzeClasses(packages = "ripplerest.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
  private static final List<String> ROAD =
      List.of(
          "quantity",
          "water",
          "material",
          "hook",
          "dressing",
          "sizing",
          "steps",
          "assembly",
          "film",
          "rest",
          "estimate",
          "drift",
          "advice",
          "tied",
          "calibration");
  private static final List<String> LEAVES =
      List.of("outline", "tying", "question", "drawer", "box", "practice");

  @ArchTest
  static final ArchRule EACH_ROOM_KNOWS_ONLY_THOSE_BEFORE_IT =
      CompositeArchRule.of(
          java.util.stream.IntStream.range(0, ROAD.size())
              .mapToObj(
                  i ->
                      noClasses()
                          .that()
                          .resideInAPackage(room(ROAD.get(i)))
                          .should()
                          .dependOnClassesThat()
                          .resideInAnyPackage(after(i))
                          .allowEmptyShould(false))
              .map(ArchRule.class::cast)
              .toList());

  @ArchTest
  static final ArchRule NUMERICS_KNOW_NO_LAW_AND_NO_FILM =
      noClasses()
          .that()
          .resideInAPackage("..film.numerics")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("..film", "..film.laws", "..core.water..");

  @ArchTest
  static final ArchRule LAWS_KNOW_NO_FLY =
      noClasses()
          .that()
          .resideInAPackage("..film.laws")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("..film", "..core.assembly..");

  /** Nothing may wait on a pool that computes: what is asked together has threads of its own. */
  @ArchTest
  static final ArchRule NO_POOL_THAT_ALL_SHARE =
      noClasses()
          .should()
          .callMethod(java.util.Collection.class, "parallelStream")
          .orShould()
          .callMethod(java.util.stream.IntStream.class, "parallel")
          .orShould()
          .callMethod(java.util.stream.Stream.class, "parallel");

  /** What checks the film must not be made of it; its test puts the two side by side. */
  @ArchTest
  static void theSecondSolverSharesTheBodyOnly(JavaClasses core) {
    JavaClasses second = new ClassFileImporter().importPackages("ripplerest.core.second");
    noClasses()
        .that()
        .haveNameNotMatching(".*Test(\\$.*)?")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("..core.film..", "..core.rest..", "..core.estimate..")
        .check(second);
  }

  @ArchTest
  static final ArchRule NO_FRAMEWORK_IN_THE_CORE =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "org.springframework..",
              "jakarta..",
              "org.hibernate..",
              "tools.jackson..",
              "com.fasterxml..",
              "java.sql..",
              "javax.swing..");

  private static String[] after(int i) {
    List<String> later = new java.util.ArrayList<>(ROAD.subList(i + 1, ROAD.size()));
    later.addAll(LEAVES);
    return later.stream().map(ArchitectureTest::room).toArray(String[]::new);
  }

  private static String room(String name) {
    return "ripplerest.core." + name + "..";
  }
}
