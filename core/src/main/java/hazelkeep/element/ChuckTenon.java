package hazelkeep.element;

import hazelkeep.hold.Squeeze;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dimension;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Feature;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Tenons;
import hazelkeep.practice.Line;
import hazelkeep.route.Acts;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.BiFunction;

/**
 * A dovetailed tenon at an end of the blank, that jaws close on.
 *
 * @param on the surface that it stands on
 * @param low whether it is at the blank's foot
 * @param none why there is none; empty where it is wanted
 * @param stub its name among what is spared
 * @param wider a wider one than the jaws' true circle asks for, by the usual one
 */
public record ChuckTenon(
    SurfaceId on,
    String end,
    boolean low,
    Optional<String> none,
    String stub,
    BiFunction<Dims<?>, Rule.Value, Rule.Value> wider)
    implements Element {
  /** A tenon that is as wide as the jaws' true circle asks for. */
  public static ChuckTenon at(String part, String end, boolean low) {
    return new ChuckTenon(
        new SurfaceId(part, end), end, low, Optional.empty(), "tenon", (d, usual) -> usual);
  }

  /** The same, not cut. */
  public ChuckTenon without(String why) {
    return new ChuckTenon(on, end, low, Optional.of(why), stub, wider);
  }

  /** The same, wider where a rule says so. */
  public ChuckTenon wider(BiFunction<Dims<?>, Rule.Value, Rule.Value> rule) {
    return new ChuckTenon(on, end, low, none, stub, rule);
  }

  /** The same, standing on another surface of its end. */
  public ChuckTenon on(String surface) {
    return new ChuckTenon(new SurfaceId(on.part(), surface), end, low, none, stub, wider);
  }

  /** The same, called otherwise among what is spared. */
  public ChuckTenon called(String name) {
    return new ChuckTenon(on, end, low, none, name, wider);
  }

  /**
   * One that is bored through: wide enough for a wall round the bore.
   *
   * @param bore the size of the bore
   */
  public ChuckTenon bored(DimKey bore) {
    return wider(
        (d, usual) ->
            usual.mm() >= d.planned(bore) + 2 * d.custom(Line.WALL_CHUCK_TENON)
                ? usual
                : Tenons.widest(d, length(), Wording.of("any.as-wide-as-the-jaws")).orElse(usual));
  }

  /**
   * A stout one for long work: as wide as the jaws take, where their true circle is slim.
   *
   * @param height how long the work is
   */
  public ChuckTenon stout(DimKey height) {
    return wider(
        (d, usual) ->
            d.mm(height) / usual.mm() <= d.custom(Line.HOLD_LEVER_NONE)
                ? usual
                : Tenons.widest(d, length(), Wording.of("chuckTenon.as-wide-as-the-jaws"))
                    .filter(v -> v.mm() > usual.mm())
                    .orElse(usual));
  }

  /** How long it is. */
  public DimKey length() {
    return new DimKey("stick.tenon-" + end);
  }

  /** How wide it is at its end. */
  public DimKey diameter() {
    return new DimKey("tenon-" + end + ".diameter");
  }

  private DimKey root() {
    return new DimKey("tenon-" + end + ".root");
  }

  /** Its stretch of the stick. */
  public Stretch stretch() {
    return Stretch.spent(length(), "tenon");
  }

  @Override
  public List<SizeRule> sizes() {
    String name = end.substring(0, 1).toUpperCase(Locale.ROOT) + end.substring(1);
    return List.of(
        new SizeRule(
            length(),
            "Tenon at the " + end,
            0,
            40,
            d -> none.map(why -> Rule.Value.derived(0, why)).orElseGet(() -> Tenons.tenon(d))),
        new SizeRule(
            diameter(),
            name + " tenon, at its end",
            8,
            200,
            d -> wider.apply(d, Tenons.tenonEnd(d, length()))),
        new SizeRule(
            root(),
            name + " tenon, at its root",
            6,
            200,
            d -> Tenons.tenonRoot(d, diameter(), length())));
  }

  @Override
  public void draw(Lay lay, PartDraft part) {
    if (none.isEmpty()) {
      double end = lay.mm(diameter());
      double root = lay.mm(root());
      part.stub(
          stub,
          Tenons.region(
              lay.at(Edge.from(length())),
              lay.at(Edge.to(length())),
              low ? end : root,
              low ? root : end),
          on.name());
    }
  }

  @Override
  public void dimensions(Built b, Dimensions d) {
    double middle = b.at(Edge.from(length())) + b.mm(length()) / 2;
    Dimension across = d.size(diameter(), on).outside("tenon", middle).atBench();
    if (none.isEmpty()) {
      across.corrects(Feature.Kind.STUB).recorded();
    }
  }

  /** Jaws closed on it. */
  public Squeeze squeeze(Built b) {
    return new Squeeze(on.part(), stub, Tenons.jaws(b.shop(), b.aim(), end));
  }

  /** Where its part lies when the jaws hold it: their fronts are at its root. */
  public Frame frame(Lay lay) {
    return low
        ? new Frame(lay.at(Edge.to(length())), false)
        : new Frame(lay.at(Edge.from(length())), true);
  }

  /** Its end faced and the tenon cut, as the only one of the piece. */
  public void cut(SetupDraft s, Work w) {
    Built b = w.built();
    s.step(
        "tenon",
        "Face the " + end + ", cut its tenon",
        Wording.of("chuckTenon.a-dovetailed-tenon-its-shoulder"),
        Speeds.At.TURNING,
        Acts.remove(on.part(), facing(b).plus(around(b))),
        w.turned(diameter(), "across its widest"));
  }

  /** What is faced off at its end. */
  public HalfSection facing(Built b) {
    return low
        ? HalfSection.box(-Lay.BEYOND, b.at(Edge.from(length())), 0, b.far())
        : HalfSection.box(b.at(Edge.to(length())), b.length() + Lay.BEYOND, 0, b.far());
  }

  /** What is cut away round it. */
  public HalfSection around(Built b) {
    if (none.isPresent()) {
      return HalfSection.EMPTY;
    }
    double from = b.at(Edge.from(length()));
    double to = b.at(Edge.to(length()));
    return HalfSection.box(from, to, 0, b.far()).minus(b.part(on.part()).stub(stub).region());
  }

  /** Cut in the middle of the blank, where there is no end to be faced. */
  public Work.Task cutBetween(String words) {
    return (s, w) ->
        s.step(
            end + " tenon",
            "Cut the tenon at the " + end,
            words,
            Speeds.At.TURNING,
            Acts.remove(on.part(), around(w.built())),
            w.turned(diameter(), "across its widest"));
  }
}
