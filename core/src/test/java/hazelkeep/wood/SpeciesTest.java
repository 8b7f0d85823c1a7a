package hazelkeep.wood;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class SpeciesTest {
  /**
   * Density at 12 % is 1.12 times the specific gravity by oven-dry mass and volume at 12 %: sugar
   * maple 0.63, black cherry 0.50, black walnut 0.55 (USDA Forest Products Laboratory, Wood
   * Handbook, table of mechanical properties; from memory).
   */
  @Test
  void densities_follow_from_published_specific_gravities() {
    assertThat(density("Hard maple (sugar)")).isEqualTo(Math.rint(1120 * 0.63));
    assertThat(density("Black cherry")).isEqualTo(Math.rint(1120 * 0.50));
    assertThat(density("Black walnut")).isEqualTo(Math.rint(1120 * 0.55));
  }

  private static double density(String name) {
    return Species.named(name).orElseThrow().density().orElseThrow().value();
  }

  @Test
  void every_density_carries_its_letter_of_confidence() {
    assertThat(Species.LIBRARY).hasSizeGreaterThan(50);
    assertThat(Species.LIBRARY)
        .allSatisfy(
            s ->
                s.figures()
                    .forEach(
                        (property, figure) -> {
                          assertThat(property.checked(figure.value())).isPositive();
                          assertThat(figure.letter().shown()).matches("[ABC]");
                          assertThat(figure.source()).isNotBlank();
                        }));
  }

  @Test
  void names_are_found_whatever_the_case_of_their_letters() {
    assertThat(Species.named(" common PEAR ")).isPresent();
    assertThat(Species.named("plastic")).isEmpty();
  }
}
