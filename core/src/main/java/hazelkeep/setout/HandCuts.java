package hazelkeep.setout;

import hazelkeep.hold.Work;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Stage;
import hazelkeep.setout.Cut.Shape;
import hazelkeep.setout.HandCut.Does;
import hazelkeep.setout.HandCut.Stop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A step's lines as the cuts of a hand, in the order in which they can be made: what is faced, the
 * pencil lines, what is parted in to a setting, what is turned parallel to one, and only then what
 * is joined between them by eye. A setting that stands already is not cut again.
 *
 * <p>Every place of a joined line is the end of a cut before it: nothing is told by a co-ordinate
 * alone.
 */
public final class HandCuts {
  /** Places and diameters nearer than this are one, mm. */
  private static final double ONE = 0.05;

  /** What is less wide is the centre, mm. */
  private static final double CENTRE = 0.4;

  /** A cone that leans further is cut as a face, degrees. */
  private static final double FACING = 60;

  /** How far beside a place wood is looked for, mm. */
  private static final double PROBE = 0.1;

  private final Practice practice;
  private final Work was;
  private final List<HandCut> out = new ArrayList<>();
  private final List<Station> stands = new ArrayList<>();
  private Datum.From from = Datum.From.END;

  private HandCuts(Stage stage) {
    this.practice = stage.aim().practice();
    this.was = stage.mounted();
  }

  /**
   * The cuts of a step.
   *
   * @param told how it is set out
   */
  public static List<HandCut> of(Stage stage, SetOut told) {
    HandCuts h = new HandCuts(stage);
    boolean frees = Freeing.frees(stage);
    if (told.takenOff() > 0) {
      h.add(Does.FACE, List.of(), Stop.TAKEN_OFF, told.takenOff(), Optional.empty());
    }
    if (told.bored().isPresent()) {
      Bored b = told.bored().get();
      h.add(Does.BORE, List.of(), Stop.DEPTH, b.deep(), Optional.empty());
    } else {
      told.passes().stream().filter(p -> !frees).forEach(h::pass);
      h.out.addAll(frees ? Freeing.of(told) : List.of());
    }
    if (stage.parts()) {
      h.kerf();
    }
    told.finished().forEach(f -> h.add(Does.LENGTH, List.of(), Stop.PLACE, f.length()));
    told.drilled().forEach(h::hole);
    return List.copyOf(h.out);
  }

  private void hole(Drilled d) {
    Station mouth = new Station(d.height(), d.hole().diameter());
    add(Does.DRILL, List.of(mouth), Stop.PLACE, d.height());
  }

  private void add(Does does, List<Station> places, Stop stop, double mm) {
    add(does, places, stop, mm, Optional.empty());
  }

  private void add(Does does, List<Station> places, Stop stop, double mm, Optional<Cut> of) {
    out.add(new HandCut(does, from, places, stop, mm, of));
  }

  private void pass(Pass pass) {
    from = pass.datum().from();
    stands.clear();
    int first = out.size();
    double crumb = practice.of(Line.READ_PLACE);
    List<Cut> cuts = pass.cuts().stream().filter(c -> !straight(c) || length(c) >= crumb).toList();
    if (cuts.isEmpty()) {
      Cut fine = pass.cuts().get(0);
      add(Does.GROOVE, List.of(fine.last()), Stop.MEETS, 0, Optional.of(fine));
    }
    part(cuts);
    cuts.stream().filter(c -> c.shape() == Shape.FACE).forEach(c -> face(c, cuts));
    cuts.stream().filter(c -> c.shape() == Shape.PARALLEL).forEach(this::parallel);
    cuts.stream().filter(HandCuts::leans).forEach(this::lean);
    cuts.forEach(c -> settings(c, pass.datum()));
    cuts.forEach(this::join);
    lines(first);
  }

  /** A straight stretch too short to be cut by itself is what its neighbours leave. */
  private static boolean straight(Cut c) {
    return c.shape() == Shape.CONE || c.shape() == Shape.PARALLEL;
  }

  private static double length(Cut c) {
    return Math.hypot(
        c.last().from() - c.first().from(), (c.last().across() - c.first().across()) / 2);
  }

  /** The pencil lines of a pass, where it takes more than one. */
  private void lines(int first) {
    List<Station> at = new ArrayList<>();
    for (HandCut h : out.subList(first, out.size())) {
      boolean joined = h.stop() == Stop.MEETS || h.stop() == Stop.CARD;
      if (!joined && !h.inside()) {
        h.places().stream()
            .filter(s -> s.from() > ONE && at.stream().noneMatch(a -> line(a, s)))
            .forEach(at::add);
      }
    }
    if (at.size() > 1) {
      at.sort((a, b) -> Double.compare(a.from(), b.from()));
      out.add(first, new HandCut(Does.STRIKE, from, at, Stop.PLACE, 0, Optional.empty()));
    }
  }

  /** A face ends what stands nearer to the axis: a shoulder, a floor, or the whole of the work. */
  private void face(Cut c, List<Cut> of) {
    Station low = c.first().across() < c.last().across() ? c.first() : c.last();
    if (c.sunk() || c.inside()) {
      stand(low);
      add(Does.FLOOR, List.of(low), Stop.DEPTH, low.from(), Optional.of(c));
    } else if (low.across() >= CENTRE && !faced(low)) {
      stand(low);
      add(Does.SHOULDER, List.of(low), Stop.CALIPERS, low.across(), Optional.of(c));
    } else if (low.from() <= ONE && out.isEmpty() && of.size() == 1) {
      add(Does.FACE, List.of(low), Stop.MEETS, 0, Optional.of(c));
    }
  }

  /** Whether a face is the end that was faced before. */
  private boolean faced(Station at) {
    return from == Datum.From.END && at.from() <= ONE && !out.isEmpty();
  }

  /** A kerf is parted between its two faces. */
  private void part(List<Cut> cuts) {
    List<Station> kerf = new ArrayList<>();
    for (Cut c : cuts) {
      Station low = c.first().across() < c.last().across() ? c.first() : c.last();
      boolean whole = c.shape() == Shape.FACE && low.across() < CENTRE && low.from() > ONE;
      if (whole && !c.sunk() && !c.inside()) {
        kerf.add(low);
      }
    }
    if (!kerf.isEmpty()) {
      add(Does.PART, kerf, Stop.MEETS, 0);
    }
  }

  /** Where one half comes off the other both faces are those of one kerf. */
  private void kerf() {
    List<HandCut> all = out.stream().filter(c -> c.does() == Does.PART).toList();
    if (all.size() > 1) {
      List<Station> faces = all.stream().flatMap(c -> c.places().stream()).toList();
      out.set(
          out.indexOf(all.get(0)),
          new HandCut(Does.PART, from, faces, Stop.MEETS, 0, Optional.empty()));
      out.removeAll(all.subList(1, all.size()));
    }
  }

  private static boolean leans(Cut c) {
    return c.shape() == Shape.CONE && c.lean() > FACING && !c.sunk();
  }

  private void lean(Cut c) {
    stand(c.first(), c.last());
    double by = Math.abs(c.first().from() - c.last().from());
    add(Does.LEAN, c.stations(), Stop.PLACE, by, Optional.of(c));
  }

  private void parallel(Cut c) {
    stand(c.first(), c.last());
    add(Does.PARALLEL, c.stations(), around(c), c.first().across(), Optional.of(c));
  }

  /** What is cut in to a setting before a stretch is joined. */
  private void settings(Cut c, Datum datum) {
    for (Station s : places(c)) {
      boolean there = stood(s.in(datum)) || stands.stream().anyMatch(k -> same(k, s));
      if (!there && s.across() >= CENTRE) {
        add(Does.SET, List.of(s), around(c), s.across(), Optional.of(c));
      }
      stand(s);
    }
  }

  private void join(Cut c) {
    switch (c.shape()) {
      case CONE -> {
        if (!leans(c)) {
          add(Does.STRAIGHT, c.stations(), Stop.MEETS, 0, Optional.of(c));
        }
      }
      case CURVE -> add(Does.FAIR, places(c), Stop.MEETS, 0, Optional.of(c));
      case ROUND ->
          add(
              eased(c) ? Does.EASE : Does.ROUND,
              c.stations(),
              Stop.CARD,
              Math.abs(c.radius()),
              Optional.of(c));
      case FACE, PARALLEL -> {
        // Cut to a number before.
      }
    }
  }

  /** The places that a stretch is set out by. */
  private List<Station> places(Cut c) {
    return switch (c.shape()) {
      case FACE, PARALLEL -> List.of();
      case CONE -> leans(c) ? List.of() : c.stations();
      case ROUND -> eased(c) ? List.of() : c.stations();
      case CURVE -> {
        Datum zero = new Datum(from, 0);
        List<Station> all = c.stations();
        double within = practice.of(Line.SETOUT_FAIR);
        yield FairLine.fewest(all.stream().map(s -> s.in(zero)).toList(), within).stream()
            .map(p -> Station.of(p, zero))
            .toList();
      }
    };
  }

  /**
   * Whether the work is turned or bored to a place already: wood on one side of it, none within.
   */
  private boolean stood(Point p) {
    return was.parts().keySet().stream()
        .map(was::swept)
        .anyMatch(w -> edge(w, p.z() + PROBE / 2, p.r()) || edge(w, p.z() - PROBE / 2, p.r()));
  }

  private static boolean edge(HalfSection wood, double z, double r) {
    return r > PROBE && wood.holds(z, r + PROBE) != wood.holds(z, r - PROBE);
  }

  private boolean eased(Cut c) {
    return Math.abs(c.radius()) <= practice.of(Line.SETOUT_EASE);
  }

  private static Stop around(Cut c) {
    return c.inside() ? Stop.INSIDE : Stop.CALIPERS;
  }

  private void stand(Station... places) {
    stands.addAll(List.of(places));
  }

  private boolean same(Station a, Station b) {
    return line(a, b) && Math.abs(a.across() - b.across()) < ONE;
  }

  /** Whether two places are one pencil line: nearer than half of what a rule may be off. */
  private boolean line(Station a, Station b) {
    return Math.abs(a.from() - b.from()) < practice.of(Line.READ_PLACE) / 2;
  }
}
