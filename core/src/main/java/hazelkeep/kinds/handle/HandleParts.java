package hazelkeep.kinds.handle;

import static hazelkeep.piece.Rule.Value.derived;
import static hazelkeep.piece.Rule.Value.practice;

import hazelkeep.element.Along;
import hazelkeep.element.Bend;
import hazelkeep.element.Cap;
import hazelkeep.element.ChuckTenon;
import hazelkeep.element.Edge;
import hazelkeep.element.Face;
import hazelkeep.element.Lay;
import hazelkeep.element.Lengths;
import hazelkeep.element.Make;
import hazelkeep.element.Member;
import hazelkeep.element.RingZone;
import hazelkeep.element.RingedStem;
import hazelkeep.element.Rise;
import hazelkeep.element.Side;
import hazelkeep.element.SizeRule;
import hazelkeep.element.Spare;
import hazelkeep.element.Station;
import hazelkeep.element.StemLine;
import hazelkeep.element.Stock;
import hazelkeep.element.Whole;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Rule;
import hazelkeep.practice.Line;
import hazelkeep.wood.Role;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;

/** A ringed handle: a butt to pull by, a stem with its rings, a knob; all out of one blank. */
final class HandleParts {
  static final String PART = "handle";
  static final String BUTT = "butt";
  static final String KNOB = "knob";
  static final DimKey HEIGHT = new DimKey("outside.height");
  static final DimKey WIDEST = new DimKey("outside.diameter");
  static final DimKey BUTT_WIDE = new DimKey("butt.diameter");
  static final DimKey BUTT_HIGH = new DimKey("butt.height");
  static final DimKey END = new DimKey("butt.end");
  static final DimKey KNOB_HIGH = new DimKey("knob.height");
  static final DimKey DOME = new DimKey("knob.dome");

  private static final Edge AT_FOOT = Edge.from(BUTT_HIGH);
  private static final Edge AT_TOP = Edge.to(KNOB_HIGH);

  final ChuckTenon tenon = ChuckTenon.at(PART, "foot", true).stout(HEIGHT);
  final Side butt;
  final Lengths knob;
  final Cap top;
  final Face foot;
  final RingedStem ringed;
  private final Handled d;
  private final Stock stock;
  private final Lengths stem;

  HandleParts(Handled d) {
    this.d = d;
    this.stock =
        new Stock(
            d.blank(),
            List.of(WIDEST, BUTT_WIDE),
            Stock.Round.leaving(Line.TURN_VESSEL_SPARE),
            Wording.of("handleParts.a-shorter-handle-or-a"),
            List.of(StemLine.LONG, HEIGHT),
            Line.RING_LEAST);
    this.butt = butt();
    this.knob = new Lengths(knob(), KNOB, lay -> RingedStem.over(lay, KNOB, knob(), rough(lay)));
    this.foot = new Face(on("foot"), Role.SHOW, AT_FOOT, false, butt, lay -> 0);
    SizeRule dome =
        new SizeRule(
            DOME,
            "Dome of the knob",
            1,
            120,
            x -> practice(x.custom(Line.HANDLE_DOME) * x.mm(KNOB_HIGH), "round in the hand"));
    this.top = new Cap(on("crown"), dome, knob, AT_TOP, lay -> 0);
    StemLine line =
        new StemLine(
            on("stem"),
            d.stem() == StemLine.Form.WAISTED,
            new StemLine.Customs(
                Line.HANDLE_STEM,
                Line.HANDLE_STEM_ENDS,
                Line.GOBLET_WAIST,
                "the butt",
                "under the knob"),
            new SizeRule(StemLine.LONG, "Stem", 3, 560, HandleParts::stemLong));
    this.stem = new Lengths(line.side(), "stem 1", lay -> RingedStem.even(lay, StemLine.LONG));
    this.ringed =
        new RingedStem(
            PART,
            stem,
            new RingZone(
                d.rings(),
                d.ringTool(),
                d.spare(),
                RingedStem.room(on("stem"), knob, new RingZone.Keeps(BUTT_WIDE, WIDEST))));
  }

  static SurfaceId on(String surface) {
    return new SurfaceId(PART, surface);
  }

  Make make() {
    Along along =
        new Along()
            .then(Spare.facing("foot", "Facing at the foot", 60, Line.STOCK_FACE))
            .then(tenon)
            .then(Spare.waste("foot", Spare::parting))
            .kept(BUTT_HIGH, BUTT)
            .kept(StemLine.LONG, "stem")
            .kept(KNOB_HIGH, KNOB)
            .then(Spare.facing("top", "Facing of the top", 60, Line.HANDLE_FACE_TOP));
    Member handle =
        new Member(
            PART,
            List.of(foot, butt, stem, knob, top, tenon),
            Collections.nCopies(5, Line.RING_LEAST),
            Optional.empty(),
            AT_FOOT,
            Optional.empty());
    List<Member> all = new ArrayList<>(List.of(handle));
    all.addAll(ringed.rings().members(AT_FOOT));
    SizeRule height =
        new SizeRule(
            HEIGHT,
            "Length",
            40,
            600,
            x -> practice(x.custom(Line.HANDLE_LONG), "two hands' width"));
    return new Make(
        stock,
        along,
        all,
        List.of(ringed.rings(), new Whole(height, s -> s.top(PART) - s.bottom(PART))),
        List.of(),
        List.of());
  }

  private static Rule.Value stemLong(Dims<?> d) {
    return derived(
        d.planned(HEIGHT) - d.planned(BUTT_HIGH) - d.planned(KNOB_HIGH),
        "what butt and knob leave");
  }

  private static SizeRule share(DimKey key, String label, double most, Line share, DimKey of) {
    return new SizeRule(
        key, label, 3, most, d -> practice(d.custom(share) * d.planned(of), share.text().source()));
  }

  private Rule.Value widest(Dims<?> d) {
    double gives = stock.gives(d);
    double usual = d.custom(Line.HANDLE_WIDE);
    return gives < usual ? derived(gives, "what the blank gives") : practice(usual, "fills a hand");
  }

  private Side butt() {
    Station end = Station.of(END, "end", lay -> 0, Station.Reads.FIRST);
    Station wide =
        Station.of(BUTT_WIDE, BUTT, lay -> lay.custom(Line.HANDLE_BUTT_AT), Station.Reads.WIDEST)
            .by(Bend.BULGING);
    Station low =
        Station.of(StemLine.LOW, "stem", lay -> 1, Station.Reads.LAST)
            .hiddenIf(true)
            .stillIf(true)
            .by(Bend.BULGING);
    return new Side(
        on(Side.NAME),
        Rise.whole(BUTT_HIGH, BUTT, Bend.STRAIGHT),
        List.of(
            share(BUTT_HIGH, "Butt", 300, Line.HANDLE_BUTT_HIGH, HEIGHT),
            share(BUTT_WIDE, "Butt, at its widest", 300, Line.HANDLE_BUTT_WIDE, WIDEST),
            share(END, "End of the butt", 300, Line.HANDLE_END, BUTT_WIDE)),
        List.of(end, wide, low),
        Optional.empty(),
        Optional.empty());
  }

  private Side knob() {
    Station low =
        Station.of(StemLine.HIGH, "stem", lay -> 0, Station.Reads.FIRST)
            .hiddenIf(true)
            .stillIf(true);
    Station wide = Station.of(WIDEST, KNOB, lay -> 1, Station.Reads.LAST).by(Bend.ROUND);
    return new Side(
        on(KNOB),
        Rise.under(DOME, KNOB_HIGH, KNOB, Bend.STRAIGHT),
        List.of(
            share(KNOB_HIGH, "Knob", 200, Line.HANDLE_KNOB_HIGH, HEIGHT),
            new SizeRule(WIDEST, "Widest outside", 10, 300, this::widest)),
        List.of(low, wide),
        Optional.empty(),
        Optional.empty());
  }

  /** How stout the stem is left until its rings are free, as a radius, mm. */
  double rough(Lay lay) {
    return RingedStem.rough(lay, ringed.rings(), WIDEST);
  }
}
