package hazelkeep;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import hazelkeep.measure.Dim;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** The arrows between the core's packages: each uses only those before it. */
class ArchitectureTest {
  private static final List<String> ORDER =
      List.of(
          "measure",
          "practice",
          "instrument",
          "finding",
          "solid",
          "wood",
          "air",
          "shop",
          "hold",
          "stiffness",
          "bore",
          "fit",
          "season",
          "route",
          "piece",
          "giving",
          "closing",
          "element",
          "kinds",
          "workbench",
          "practise");

  private final JavaClasses core =
      new ClassFileImporter()
          .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
          .importPackages("hazelkeep");

  @Test
  void each_package_uses_only_those_before_it() {
    for (int i = 0; i < ORDER.size(); i++) {
      List<String> later = new ArrayList<>();
      for (String name : ORDER.subList(i + 1, ORDER.size())) {
        later.add("hazelkeep." + name + "..");
      }
      if (!later.isEmpty()) {
        noClasses()
            .that()
            .resideInAPackage("hazelkeep." + ORDER.get(i) + "..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(later.toArray(String[]::new))
            .check(core);
      }
    }
  }

  @Test
  void no_package_goes_round_in_a_circle() {
    slices().matching("hazelkeep.(**)").should().beFreeOfCycles().check(core);
  }

  @Test
  void the_core_is_plain_java() {
    classes()
        .should()
        .onlyDependOnClassesThat()
        .resideInAnyPackage(
            "hazelkeep..",
            "java..",
            "org.locationtech.jts..",
            "org.hipparchus.analysis..",
            "org.hipparchus.special..",
            "org.hipparchus.optim..",
            "org.hipparchus.exception..",
            "org.hipparchus.linear..",
            "org.hipparchus.util..")
        .check(core);
  }

  @Test
  void the_geometry_library_stays_inside_solid() {
    noClasses()
        .that()
        .resideOutsideOfPackage("hazelkeep.solid")
        .should()
        .dependOnClassesThat()
        .resideInAPackage("org.locationtech.jts..")
        .check(core);
  }

  @Test
  void only_the_resolver_makes_dimensions() {
    noClasses()
        .that()
        .doNotHaveFullyQualifiedName("hazelkeep.piece.Dims")
        .and()
        .doNotHaveFullyQualifiedName(Dim.class.getName())
        .should()
        .callConstructor(
            Dim.class,
            hazelkeep.measure.DimKey.class,
            String.class,
            hazelkeep.measure.Length.class,
            hazelkeep.measure.Hedge.class,
            hazelkeep.measure.Origin.class,
            String.class,
            java.util.Set.class,
            hazelkeep.measure.Length.class,
            hazelkeep.measure.Length.class,
            boolean.class)
        .check(core);
  }

  @Test
  void a_kind_of_piece_knows_no_other_kind() {
    slices().matching("hazelkeep.kinds.(*)..").should().notDependOnEachOther().check(core);
  }
}
