package hazelkeep.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class WebArchitectureTest {
  private final JavaClasses web =
      new ClassFileImporter()
          .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
          .importPackages("hazelkeep.web");

  @Test
  void generated_tables_stay_inside_the_store() {
    noClasses()
        .that()
        .resideOutsideOfPackages("hazelkeep.web.store..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("hazelkeep.web.store.tables..", "org.jooq..")
        .check(web);
  }

  @Test
  void drawings_know_neither_requests_nor_the_store() {
    noClasses()
        .that()
        .resideInAPackage("hazelkeep.web.drawing..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "hazelkeep.web.store..",
            "hazelkeep.web.planning..",
            "org.springframework..",
            "jakarta..")
        .check(web);
  }

  /** A new kind of piece must not need a change in a controller or a drawing. */
  @Test
  void screens_know_no_single_kind_of_piece() {
    noClasses()
        .that()
        .resideOutsideOfPackage("hazelkeep.web.demo..")
        .should()
        .dependOnClassesThat()
        .resideInAPackage("hazelkeep.kinds.*..")
        .check(web);
  }

  @Test
  void only_the_core_makes_dimensions_and_plays_routes() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .haveFullyQualifiedName("hazelkeep.piece.Dims")
        .orShould()
        .dependOnClassesThat()
        .haveFullyQualifiedName("hazelkeep.solid.FirstContact")
        .orShould()
        .dependOnClassesThat()
        .haveFullyQualifiedName("hazelkeep.solid.LineOfWork")
        .check(web);
  }

  @Test
  void no_package_goes_round_in_a_circle() {
    slices().matching("hazelkeep.web.(*)..").should().beFreeOfCycles().check(web);
  }
}
