package hazelkeep.route;

import hazelkeep.measure.Wording;
import hazelkeep.shop.Centre;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Speeds;
import hazelkeep.shop.Steady;
import hazelkeep.wood.Part;
import hazelkeep.wood.Surface;
import java.util.List;
import java.util.Optional;

/**
 * What changes of a route are made with.
 *
 * @param aim what is to be made
 * @param shop what is on the wall
 */
public record Means(Aim aim, Shop shop) {
  Optional<JawSet> jaws(String name) {
    return shop.jaws(name);
  }

  Optional<Centre> centre(String name) {
    return shop.tailCentres().stream().filter(c -> c.name().equals(name)).findFirst();
  }

  Optional<Steady> steady(String name) {
    return shop.steadies().stream().filter(s -> s.name().equals(name)).findFirst();
  }

  /** A step of the turner's own; empty where there is no such surface. */
  Optional<Step> step(RouteEdit.Add add) {
    Optional<Surface> on =
        aim.parts().stream()
            .map(Part::surfaces)
            .flatMap(List::stream)
            .filter(s -> s.id().equals(add.on()))
            .findFirst();
    String where = add.on().part() + "'s " + add.on().name();
    return on.map(
        s ->
            switch (add.doing()) {
              case CUT ->
                  new Step(
                      add.key(),
                      "Cut the " + where,
                      Wording.of("means.a-step-of-your-own"),
                      Speeds.At.TURNING,
                      List.of(new Acts(aim, 0, "").bare(0, add.on().part(), add.on().name())));
              case SAND ->
                  new Step(
                      add.key(),
                      "Sand the " + where,
                      Wording.of("means.a-step-of-your-own-through", add.grit()),
                      Speeds.At.SANDING,
                      List.of(new Act.Sand(add.on(), add.grit())));
              case GLUE ->
                  new Step(
                      add.key(),
                      "Glue to the " + where,
                      Wording.of("means.a-step-of-your-own-2", add.product()),
                      Speeds.At.SANDING,
                      List.of(new Act.Glue(add.on(), add.product())));
              case FINISH ->
                  new Step(
                      add.key(),
                      "Finish the " + where,
                      Wording.of("means.a-step-of-your-own-2", add.product()),
                      Speeds.At.SANDING,
                      List.of(new Act.Coat(add.on(), add.product())));
            });
  }
}
