package hazelkeep.element;

import hazelkeep.element.Lengths.Length;
import hazelkeep.hold.Hold;
import hazelkeep.hold.OffLathe;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.route.Act;
import hazelkeep.route.Acts;
import hazelkeep.route.SetupDraft;
import hazelkeep.shop.Speeds;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A stem between two stouter ends, with captive rings round it or none: the rings while it is
 * stout, then the stem itself in short lengths, each whole before the next.
 *
 * @param part what it is a stretch of
 * @param stem its line, in lengths
 * @param rings round it
 */
public record RingedStem(String part, Lengths stem, RingZone rings) {
  /**
   * A stretch from its high end down, in lengths that are even and no longer than a turner works at
   * a time.
   */
  public static List<Length> even(Lay lay, DimKey along) {
    double from = lay.at(Edge.from(along));
    double to = lay.at(Edge.to(along));
    int n = (int) Math.max(1, Math.ceil((to - from) / lay.custom(Line.GOBLET_LENGTH) - 1e-9));
    List<Length> out = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      double high = to - i * (to - from) / n;
      out.add(new Length("stem " + (i + 1), to - (i + 1) * (to - from) / n, high));
    }
    return out;
  }

  private static final DimKey ROUNDED = new DimKey("blank.round");

  /**
   * What rings find room on: clear of the low end, which is still as stout as the blank, and of
   * what stands over the stem, which is shaped; the tool leans in over both.
   *
   * @param on the stem's surface
   * @param over the line of what stands over it
   * @param keeps what keeps them captive
   */
  public static RingZone.Room room(SurfaceId on, Outside over, RingZone.Keeps keeps) {
    return new RingZone.Room(
        on,
        StemLine.LONG,
        (lay, c) -> lay.at(Edge.from(StemLine.LONG)) + c.clear(lay.mm(ROUNDED) / 2),
        (lay, c) ->
            over.line(lay).points().stream()
                .filter(p -> p.r() >= c.outer())
                .mapToDouble(p -> p.z() - c.clear(p.r()))
                .reduce(lay.at(Edge.to(StemLine.LONG)) - c.width() / 2, Math::min),
        StemLine.diameters(),
        keeps);
  }

  /** What of an end is turned with the stem. */
  public static final String UNDER = "under";

  /** A place is looked for on an outline so exactly, in halvings. */
  private static final int HALVINGS = 40;

  /**
   * What stands over a stem, in two lengths: down to where it is as stout as the stem is left at
   * first, and what lies under that and is turned with the stem.
   *
   * @param name of the upper one's surface
   * @param rough how stout the stem is left, as a radius, mm
   */
  public static List<Length> over(Lay lay, String name, Side line, double rough) {
    double from = line.line(lay).first().z();
    double to = line.line(lay).last().z();
    double low = from;
    double high = from + lay.custom(Line.GOBLET_SIDE) * (to - from);
    for (int i = 0; i < HALVINGS; i++) {
      double middle = (low + high) / 2;
      if (line.radius(lay, middle) < rough) {
        low = middle;
      } else {
        high = middle;
      }
    }
    return List.of(new Length(name, high, to), new Length(UNDER, from, high));
  }

  /**
   * How stout a stem is left until what stands over it is done, as a radius, mm: a share of the
   * widest, and enough for the rings.
   */
  public static double rough(Lay lay, RingZone rings, DimKey widest) {
    double share = lay.custom(Line.GOBLET_ROUGH) * lay.mm(widest);
    double ring = rings.any() ? lay.mm(RingZone.OUT) + 2 * lay.custom(Line.GOBLET_RING_SPARE) : 0;
    return Math.max(ring, Math.max(share, lay.mm(StemLine.HIGH))) / 2;
  }

  /** What is read of an outside once it is turned. */
  public static List<Act.Read> read(Work w, Lengths of) {
    return read(w, of.side());
  }

  /** The same of one that is turned at once. */
  public static List<Act.Read> read(Work w, Side of) {
    return of.places().stream()
        .filter(Station::grip)
        .map(s -> w.turned(s.key(), "at the " + s.label()))
        .toList();
  }

  /**
   * The rings while the stem is stout: turned, slotted, sanded and finished outside, then freed one
   * after the other; their inside by hand.
   *
   * @param hold that the stem is turned in
   * @param low up from where the zone is turned to the rings' outside, in the blank's z
   * @param high up to where
   */
  public void rings(Work w, String title, Hold hold, Frame frame, double low, double high) {
    Built b = w.built();
    Map<String, Frame> all = new LinkedHashMap<>();
    Map<String, Frame> loose = new LinkedHashMap<>();
    all.put(part, frame);
    rings
        .rings()
        .forEach(
            r -> {
              all.put(r.name(), frame);
              loose.put(r.name(), Work.FLAT);
            });
    HalfSection zone =
        HalfSection.box(low, high, rings.cut(b).outer(), b.far()).minus(b.part(part).target());
    w.held(
        "rings",
        title,
        hold,
        all,
        (s, x) -> RingSteps.shaped(rings, Acts.remove(part, zone), s, x),
        (s, x) -> RingSteps.freed(rings, part, s, x));
    w.held(
        "rings by hand",
        "The free rings",
        Hold.of(new OffLathe()),
        loose,
        (s, x) -> RingSteps.rounded(rings, s, x));
  }

  /**
   * Length by length, each whole before the next.
   *
   * @param first what the first of them is called
   * @param with what is turned together with the first
   */
  public void lengths(SetupDraft s, Work w, String first, List<String> with) {
    List<Length> lengths = stem.of(w.built());
    List<Act.Read> reads = read(w, stem);
    for (int i = 0; i < lengths.size(); i++) {
      List<String> names = new ArrayList<>(i == 0 ? with : List.of());
      names.add(lengths.get(i).name());
      String[] on = names.toArray(String[]::new);
      s.step(
          lengths.get(i).name(),
          i == 0 ? first : Wording.of("ringedStem.the-next-length-of-the"),
          Wording.of("ringedStem.light-cuts-towards-the-foot"),
          Speeds.At.TURNING,
          Acts.both(
                  Acts.both(List.of(w.acts().bare(0, part, on)), w.acts().treat(part, on)),
                  i == lengths.size() - 1 ? reads : List.of())
              .toArray(Act[]::new));
    }
  }
}
