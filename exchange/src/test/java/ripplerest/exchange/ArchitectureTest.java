package ripplerest.exchange;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** Internal check: documents know no views, nothing here solves anything or knows a framework. */
@AnalyzeClasses(
    packages = "ripplerest.exchange",
    importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
  @ArchTest
  static final ArchRule FORMAT_KNOWS_NO_VIEW_AND_NO_CARD =
      noClasses()
          .that()
          .resideInAPackage("..exchange.format..")
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage("..exchange.table..", "..exchange.view..", "..exchange.card..");

  @ArchTest
  static final ArchRule VIEWS_KNOW_NO_CARD =
      noClasses()
          .that()
          .resideInAPackage("..exchange.view..")
          .should()
          .dependOnClassesThat()
          .resideInAPackage("..exchange.card..");

  @ArchTest
  static final ArchRule NO_FRAMEWORK =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAnyPackage(
              "org.springframework..", "jakarta..", "org.hibernate..", "java.sql..");

  @ArchTest
  static final ArchRule NOTHING_IS_SOLVED_HERE =
      noClasses()
          .should()
          .dependOnClassesThat()
          .haveFullyQualifiedName("ripplerest.core.film.FilmSolver")
          .orShould()
          .dependOnClassesThat()
          .haveFullyQualifiedName("ripplerest.core.rest.RestFinder")
          .orShould()
          .dependOnClassesThat()
          .haveFullyQualifiedName("ripplerest.core.estimate.Estimator")
          .orShould()
          .dependOnClassesThat()
          .haveFullyQualifiedName("ripplerest.core.assembly.Assembler");
}
