package hazelkeep.kinds.cased;

import static hazelkeep.element.BoredPair.BODY;
import static hazelkeep.element.PairSizes.BORE;
import static hazelkeep.element.PairSizes.DEPTH;
import static hazelkeep.element.PairSizes.EAVES;
import static hazelkeep.element.PairSizes.JOIN;

import hazelkeep.element.Bend;
import hazelkeep.element.BoredPair;
import hazelkeep.element.ComposedKind;
import hazelkeep.element.Element;
import hazelkeep.element.GoesIn;
import hazelkeep.element.Holes;
import hazelkeep.element.Make;
import hazelkeep.element.Work;
import hazelkeep.kinds.cased.Cased.Form;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Choice.Option;
import hazelkeep.piece.End;
import hazelkeep.practice.Line;
import hazelkeep.route.Aim;
import hazelkeep.shop.Shop;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/**
 * A slim case, and a little house. The lid is bored first, by the larger of two bits a step apart;
 * the smaller bores the body and leaves the spigot, which is turned to the lid's bore. Closed, both
 * are shaped in one line.
 */
public final class CasedKind extends ComposedKind<Cased> {
  /** A case for needles and the like. */
  public static final CasedKind NEEDLE_CASE =
      new CasedKind("needle-case", "needle case", Form.CASE);

  /** A little house that hangs. */
  public static final CasedKind HOUSE =
      new CasedKind("hanging-house", "little hanging house", Form.HOUSE);

  private CasedKind(String name, String title, Form form) {
    super(name, title, Cased.fresh(form));
  }

  @Override
  public String called(String part) {
    return fresh().form() == Form.HOUSE && part.equals(BoredPair.LID) ? ROOF : part;
  }

  private static final String ROOF = "roof";

  private static BoredPair pair(Cased d) {
    Form form = d.form();
    BoredPair.Look look =
        new BoredPair.Look(
            d.house() ? ROOF : BoredPair.LID,
            form == Form.SPINDLE ? Bend.BULGING : Bend.STRAIGHT,
            form == Form.SPINDLE,
            d.house(),
            d.house()
                ? Wording.of("casedKind.the-walls-straight-the-roof")
                : Wording.of("casedKind.both-in-one-line-by"));
    return new BoredPair(d, new CasedSizes(d), look, new BoredPair.Ends(d.footBy(), d.topBy()));
  }

  private static Holes holes(Cased d) {
    return new Holes(BODY, d.holes(), DEPTH);
  }

  @Override
  protected Make make(Cased d) {
    List<Element> others = new ArrayList<>();
    d.content()
        .ifPresent(
            c ->
                others.add(
                    new GoesIn(
                        c.diameter(),
                        c.height(),
                        Optional.empty(),
                        c.bundle(),
                        BORE,
                        BODY,
                        Optional.of(BoredPair.LID),
                        Line.CONTENT_CASE)));
    others.add(holes(d));
    return pair(d).make(others);
  }

  @Override
  protected void order(Cased d, Work w) {
    pair(d).order(holes(d)).in(w);
  }

  @Override
  public boolean stands() {
    return false;
  }

  @Override
  public List<Choice> choices(Cased d) {
    List<Choice> out = new ArrayList<>();
    out.add(
        Choice.of(
            "form",
            "What it looks like",
            List.of(
                new Option(
                    "CASE", "Slim case", Wording.of("casedKind.one-straight-line-both-ends")),
                new Option("SPINDLE", "Spindle", Wording.of("casedKind.fullest-at-the-join-where")),
                new Option("HOUSE", "Little house", Wording.of("casedKind.a-roof-over-its-walls"))),
            d.form(),
            JOIN,
            EAVES));
    out.addAll(d.closes().choices("How the lid fits", d.fit()));
    return out;
  }

  @Override
  public List<End> ends(Cased d) {
    return BoredPair.ends(d.footBy(), d.topBy());
  }

  @Override
  protected boolean filled() {
    return false;
  }

  /** The lid is bored first. */
  @Override
  public List<Boring> boring(Cased d, Aim aim, Shop shop) {
    List<Boring> out = new ArrayList<>(super.boring(d, aim, shop));
    Collections.reverse(out);
    return out;
  }

  @Override
  public List<String> assembly(Cased d, Aim aim) {
    return d.house()
        ? List.of(
            Wording.of("casedKind.perch-into-its-hole-with"),
            Wording.of("casedKind.eye-into-the-ridge-its"),
            Wording.of("casedKind.roof-on-its-spigot-grain"))
        : List.of();
  }
}
