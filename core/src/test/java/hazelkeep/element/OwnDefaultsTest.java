package hazelkeep.element;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.Firmly;
import hazelkeep.finding.Verdict;
import hazelkeep.kinds.Kinds;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Size;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Nobody stated a size: then none of the sizes that are taken may be found wrong. */
class OwnDefaultsTest {
  private static final Shop SHOP = Firmly.SHOP;

  /** The place that was chosen has nothing to stand on, or no room: no size is at fault. */
  private static final Set<String> NO_PLACE =
      Set.of(
          "knob-no-top",
          "knob-no-wood",
          "inlay-no-recess",
          "blank-not-here",
          "detail-no-room",
          "hole-misses",
          "hole-wide",
          "hole-edge",
          "holes-close",
          "point-missed",
          "seam-at-neck");

  /**
   * Walls of less than the 1.5 of an inlay and the 2.5 under it, rims that a collar takes whole,
   * and a cap that hangs by a short jam: told, with what to do, and no other size would do there.
   */
  private static final List<String> NO_ROOM =
      List.of(
          "lidded-box lid collar: detail-thin",
          "canister lid collar: detail-thin",
          "needle-case lid collar: detail-thin",
          "needle-case lid ring: detail-thin",
          "lidded-jar body ring: detail-thin",
          "shaker head disc: detail-thin",
          "shaker head spire: hold-weak");

  /** Its top is sawn off and pared by hand: what is turned on a top asks for another way there. */
  private static final String BY_HAND = "knob-by-hand";

  static Stream<Kind<?>> kinds() {
    return Kinds.ALL.stream();
  }

  @ParameterizedTest
  @MethodSource("kinds")
  <D extends Design> void nothing_added_with_its_own_sizes_rings(Kind<D> kind) {
    Plan<D> plain = Plan.of(kind, kind.fresh(), SHOP, List.of());
    List<String> rings = new ArrayList<>();
    plain.aim().made().stream()
        // A loose ring is all rim, and a handle all stem: they carry nothing.
        .filter(p -> !kind.name().equals("ringed-handle"))
        .forEach(
            p ->
                Elements.all().stream()
                    .filter(s -> !s.key().equals("point"))
                    .forEach(s -> rings.addAll(told(kind, p, s))));
    assertThat(rings).allMatch(r -> NO_ROOM.stream().anyMatch(r::startsWith));
  }

  private static <D extends Design> List<String> told(Kind<D> kind, Part part, Elements.Sort sort) {
    double middle = Math.max(1, Math.round(new Form(part).height() / 2));
    D d;
    try {
      d =
          Elements.with(
              kind.fresh(),
              sort.key(),
              part.name(),
              sort.placed() ? Optional.of(Size.mm(middle)) : Optional.empty());
    } catch (BadDesign refused) {
      return List.of();
    }
    Plan<D> plan = Plan.of(kind, d, SHOP, List.of());
    List<Finding> all = plan.findings().stream().filter(f -> f.grade() != Grade.NOTE).toList();
    Predicate<Finding> place = f -> NO_PLACE.contains(f.code()) || f.code().equals(BY_HAND);
    return all.stream().anyMatch(place)
        ? List.of()
        : all.stream()
            .map(f -> kind.name() + " " + part.name() + " " + sort.key() + ": " + number(f))
            .toList();
  }

  private static String number(Finding f) {
    Verdict v = f.verdict();
    return f.code() + " " + v.found() + " of " + v.limit();
  }
}
