package hazelkeep.piece;

import hazelkeep.measure.Wording;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A design may state what its kind offers: in a file, too, where nobody chooses from a list. */
public final class Offered {
  private Offered() {}

  /**
   * A choice for which a design states what its kind does not offer.
   *
   * @param choice its name
   * @param accepted what would be accepted, in a sentence
   */
  public record Not(String choice, String accepted) {}

  /** The first such choice; empty when all is offered. */
  public static <D extends Design> Optional<Not> not(Kind<D> kind, D design) {
    return Stream.concat(kind.choices(design).stream(), kind.ends(design).stream().map(End::choice))
        .filter(c -> c.options().stream().noneMatch(o -> o.name().equals(c.chosen())))
        .findFirst()
        .map(
            c ->
                new Not(
                    c.name(),
                    Wording.of(
                        "offered.is-not-offered-accepted",
                        c.chosen(),
                        kind.title(),
                        c.options().stream()
                            .map(Choice.Option::name)
                            .collect(Collectors.joining(", ")))));
  }
}
