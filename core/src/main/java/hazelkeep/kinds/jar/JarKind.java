package hazelkeep.kinds.jar;

import static hazelkeep.element.PairSizes.BODY_HEIGHT;
import static hazelkeep.element.PairSizes.BORE;
import static hazelkeep.element.PairSizes.DEPTH;

import hazelkeep.element.Bend;
import hazelkeep.element.BoredPair;
import hazelkeep.element.ComposedKind;
import hazelkeep.element.Holes;
import hazelkeep.element.Make;
import hazelkeep.element.Work;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Choice.Option;
import hazelkeep.piece.End;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A jar: a body that swells under its neck, hollowed through its mouth once its outside is there,
 * and a lid that goes over the neck.
 */
public final class JarKind extends ComposedKind<Jar> {
  /** The kind. */
  public static final JarKind JAR = new JarKind();

  private JarKind() {
    super("lidded-jar", "lidded jar", Jar.fresh());
  }

  private static BoredPair pair(Jar d) {
    JarSizes sizes = new JarSizes(d);
    BoredPair.Look look =
        new BoredPair.Look(
            BoredPair.LID, Bend.SMOOTH, true, false, Wording.of("jarKind.belly-first-then-in-to"));
    return new BoredPair(
        d, sizes, look, new BoredPair.Ends(d.footBy(), d.topBy()), Optional.of(sizes.swell()));
  }

  @Override
  protected Make make(Jar d) {
    return pair(d).make(List.of());
  }

  @Override
  protected void order(Jar d, Work w) {
    pair(d).order(new Holes(BoredPair.BODY, List.of(), DEPTH)).in(w);
  }

  @Override
  public List<Choice> choices(Jar d) {
    List<Choice> out = new ArrayList<>();
    out.add(
        Choice.of(
            "form",
            "Where it is fullest",
            List.of(
                new Option("ROUND", "In the middle", Wording.of("jarKind.a-round-jar")),
                new Option("PEAR", "Below", Wording.of("jarKind.a-pear-stands-firm")),
                new Option("SHOULDERED", "Above", Wording.of("jarKind.shoulders-under-the-neck"))),
            d.form(),
            BODY_HEIGHT,
            BORE));
    out.addAll(d.closes().choices("How the lid fits", d.fit()));
    return out;
  }

  @Override
  public List<End> ends(Jar d) {
    return BoredPair.ends(d.footBy(), d.topBy());
  }
}
