package hazelkeep.shop;

import hazelkeep.air.Climates;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Wording;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.solid.Span;
import hazelkeep.solid.ToolShape;
import hazelkeep.wood.Doing;
import hazelkeep.wood.Woods;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * A turner's shop.
 *
 * @param jaws jaw sets of the chuck
 * @param tools tools and abrasive holders
 * @param bits boring bits
 * @param gauges measuring devices
 * @param centres drive and tail centres
 * @param lathe the lathe
 * @param rests tool rests
 * @param steadies steady rests
 * @param screws screw chucks
 * @param chucks jam chucks and mandrels that were kept
 * @param landmarks objects used as gauges
 * @param push the push test of this lathe and chuck, where one was made
 * @param woods the wood library with the turner's own figures
 * @param extensions extensions for bits
 * @param drill the drill chuck of the tailstock
 * @param practice what the turner goes by
 * @param climates the air of places, with the turner's own
 */
public record Shop(
    List<JawSet> jaws,
    List<Tool> tools,
    List<Bit> bits,
    List<Gauge> gauges,
    List<Centre> centres,
    Lathe lathe,
    List<Rest> rests,
    List<Steady> steadies,
    List<WoodScrew> screws,
    List<KeptChuck> chucks,
    List<Landmark> landmarks,
    Optional<PushTest> push,
    Woods woods,
    List<Extension> extensions,
    Optional<DrillChuck> drill,
    Practice practice,
    Climates climates) {
  /** Copies the lists; what is left out is not there. */
  public Shop {
    jaws = copy(jaws);
    tools = copy(tools);
    bits = copy(bits);
    gauges = copy(gauges);
    centres = copy(centres);
    rests = copy(rests);
    steadies = copy(steadies);
    screws = copy(screws);
    chucks = copy(chucks);
    landmarks = copy(landmarks);
    push = push == null ? Optional.empty() : push;
    woods = woods == null ? Woods.LIBRARY : woods;
    extensions = copy(extensions);
    drill = drill == null ? Optional.empty() : drill;
    practice = practice == null ? Practice.USUAL : practice;
    climates = climates == null ? Climates.SHIPPED : climates;
  }

  private static <T> List<T> copy(List<T> list) {
    return list == null ? List.of() : List.copyOf(list);
  }

  /** A drive centre where the shop has none: a common one. */
  private static final Centre COMMON_DRIVE =
      new Centre("drive centre", Centre.Form.DRIVE, 3, 4, 12);

  private static final Centre COMMON_LIVE = new Centre("live centre", Centre.Form.LIVE, 3, 2, 10);
  private static final Centre COMMON_PAD = new Centre("padded centre", Centre.Form.PADDED, 0, 0, 8);

  /** Tenon jaws where the shop has none: a common set, so that a plan can be shown at all. */
  public static final JawSet COMMON_JAWS =
      dovetail("50 mm jaws", 50, new Span(40, 66), new Span(54, 74), 10, 95);

  /** A screw chuck where the shop has none: a common one. */
  private static final WoodScrew COMMON_SCREW = new WoodScrew("screw chuck", 8, 25, 48);

  /** A drill chuck where the shop has none: a common one. */
  private static final DrillChuck COMMON_DRILL = new DrillChuck("13 mm drill chuck", 36, 40);

  /** The drill chuck. */
  public DrillChuck drillChuck() {
    return drill.orElse(COMMON_DRILL);
  }

  /** The screw chuck. */
  public WoodScrew screw() {
    return screws.stream().findFirst().orElse(COMMON_SCREW);
  }

  /** The drive centre. */
  public Centre drive() {
    return centre(Centre.Form.DRIVE).orElse(COMMON_DRIVE);
  }

  /** The live centre. */
  public Centre live() {
    return centre(Centre.Form.LIVE).orElse(COMMON_LIVE);
  }

  /** The padded tail centre, leaves no dimple. */
  public Centre pad() {
    return centre(Centre.Form.PADDED).orElse(COMMON_PAD);
  }

  /** The first centre of that form. */
  public Optional<Centre> centre(Centre.Form form) {
    return centres.stream().filter(c -> c.form() == form).findFirst();
  }

  /** The centre of that name. */
  public Optional<Centre> centre(String name) {
    return centres.stream().filter(c -> c.name().equals(name)).findFirst();
  }

  /** Centres that go into the tailstock. */
  public List<Centre> tailCentres() {
    return centres.stream().filter(c -> c.form() != Centre.Form.DRIVE).toList();
  }

  /** Jaw sets that are made to bite on a tenon. */
  public List<JawSet> tenonJaws() {
    return jaws.stream().filter(JawSet::forTenons).toList();
  }

  /** Pin jaws: they close on a straight tenon that is too thin for others. */
  public List<JawSet> pinJaws() {
    return jaws.stream().filter(j -> j.form() == JawSet.Form.PIN).toList();
  }

  /** The jaw set of that name. */
  public Optional<JawSet> jaws(String name) {
    return jaws.stream().filter(j -> j.name().equals(name)).findFirst();
  }

  /** This shop with one thing changed. */
  public Shop with(Lathe other) {
    return Restated.with(this, "lathe", other);
  }

  /** This shop with other jaw sets. */
  public Shop withJaws(List<JawSet> other) {
    return Restated.with(this, "jaws", other);
  }

  /** This shop with other tools. */
  public Shop withTools(List<Tool> other) {
    return Restated.with(this, "tools", other);
  }

  /** This shop with other bits. */
  public Shop withBits(List<Bit> other) {
    return Restated.with(this, "bits", other);
  }

  /** This shop with other woods. */
  public Shop with(Woods other) {
    return Restated.with(this, "woods", other);
  }

  /** This shop with a push test of its lathe and chuck. */
  public Shop with(PushTest test) {
    return Restated.with(this, "push", Optional.of(test));
  }

  /** This shop with another practice. */
  public Shop with(Practice other) {
    return Restated.with(this, "practice", other);
  }

  /** What the turner goes by in one matter, in the line's unit. */
  public double custom(Line line) {
    return practice.of(line);
  }

  /** The thinnest parting tool. */
  public Optional<Tool> thinnestParting() {
    return tools.stream().filter(Tool::parts).min(Comparator.comparingDouble(Tool::width));
  }

  /** Calipers: the first gauge that reads no depths. */
  public Gauge caliper() {
    return gauges.stream().filter(g -> !g.depth()).findFirst().orElse(new Gauge("calipers", 0));
  }

  /** The depth gauge: the first that reads depths, else a plain rule. */
  public Gauge depthGauge() {
    return gauges.stream().filter(Gauge::depth).findFirst().orElse(new Gauge("rule", 0));
  }

  /** The gauge of that name. */
  public Optional<Gauge> gauge(String name) {
    return gauges.stream().filter(g -> g.name().equals(name)).findFirst();
  }

  /** The bit for a depth hole: the smallest. */
  public Optional<Bit> depthBit() {
    return bits.stream().min(Comparator.comparingDouble(Bit::diameter));
  }

  /**
   * A shop to start from: a small, common set of tools (common practice; every figure is meant to
   * be replaced by the turner's own).
   */
  public static Shop starter() {
    Set<Doing> rub = EnumSet.of(Doing.SAND, Doing.FINISH);
    return new Shop(
        List.of(
            dovetail("25 mm jaws", 26, new Span(23, 40), new Span(31, 46), 9, 80),
            COMMON_JAWS,
            dovetail("75 mm jaws", 75, new Span(66, 98), new Span(80, 104), 12, 110),
            new JawSet(
                "pin jaws",
                JawSet.Form.PIN,
                14,
                new Span(12, 22),
                Optional.of(new Span(16, 26)),
                18,
                0,
                60)),
        List.of(
            Tool.cuts(ToolKind.ROUGHING, "25 mm roughing gouge", new ToolShape(12, 12, 120), 0, 0),
            Tool.cuts(ToolKind.GOUGE, "10 mm spindle gouge", new ToolShape(2.5, 5, 160), 0, 0),
            Tool.cuts(ToolKind.GOUGE, "6 mm spindle gouge", new ToolShape(1.2, 3, 140), 0, 0),
            Tool.cuts(ToolKind.SKEW, "19 mm skew", new ToolShape(0.2, 3, 140), 0, 0),
            Tool.cuts(ToolKind.PARTING, "thin parting tool", new ToolShape(0.2, 1.0, 60), 2.0, 0),
            Tool.cuts(ToolKind.PARTING, "wide parting tool", new ToolShape(0.2, 2.5, 60), 5.0, 0),
            Tool.cuts(ToolKind.SCRAPER, "round-nose scraper", new ToolShape(4, 6, 120), 0, 0),
            Tool.cuts(ToolKind.SCRAPER, "box scraper", new ToolShape(0.2, 4, 120), 0, 0),
            Tool.cuts(ToolKind.BAR, "12 mm hollowing bar", new ToolShape(2, 6, 220), 0, 0),
            Tool.cuts(
                ToolKind.HOOK,
                Wording.of("shop.small-hooked-bar-on-a"),
                new ToolShape(2, 4, 240),
                0,
                14),
            Tool.cuts(ToolKind.HOOK, "hooked bar on a rig", new ToolShape(2, 4, 240), 0, 25),
            new Tool("sanding stick", new ToolShape(2, 5, 200), rub, 0),
            new Tool("finger", new ToolShape(8, 8, 60), rub, 0),
            new Tool("folded abrasive", new ToolShape(0.8, 2, 60), rub, 0)),
        List.of(
            Bit.twist("6 mm twist bit", 6, 95),
            Bit.twist("10 mm twist bit", 10, 120),
            Bit.forstner("12 mm Forstner bit", 12, 3, 85),
            Bit.forstner("15 mm Forstner bit", 15, 3, 85),
            Bit.forstner("18 mm Forstner bit", 18, 3.5, 85),
            Bit.forstner("25 mm Forstner bit", 25, 4, 85),
            Bit.forstner("30 mm Forstner bit", 30, 4, 85),
            Bit.forstner("38 mm Forstner bit", 38, 4.5, 85),
            Bit.forstner("50 mm Forstner bit", 50, 5, 85)),
        List.of(new Gauge("calipers", 0), new Gauge("depth gauge", 0, true)),
        List.of(
            COMMON_DRIVE,
            COMMON_LIVE,
            COMMON_PAD,
            new Centre("60-degree cone", Centre.Form.CONE, 0, 0, 14),
            new Centre("light centre", Centre.Form.LIGHT, 2, 1, 6)),
        Lathe.stepless(300, 450, 200, 3200),
        List.of(new Rest("150 mm rest", 150), new Rest("300 mm rest", 300)),
        List.of(new Steady("three-wheel steady", new Span(20, 150), 12)),
        List.of(COMMON_SCREW),
        List.of(),
        List.of(),
        Optional.empty(),
        Woods.LIBRARY,
        List.of(new Extension("150 mm extension", 11, 150)),
        Optional.of(COMMON_DRILL),
        Practice.USUAL,
        Climates.SHIPPED);
  }

  private static JawSet dovetail(
      String name, double circle, Span squeeze, Span expand, double depth, double body) {
    return new JawSet(
        name, JawSet.Form.DOVETAIL, circle, squeeze, Optional.of(expand), depth, DOVETAIL, body);
  }

  /** Angle of common dovetail jaws against the axis, degrees (common practice). */
  private static final double DOVETAIL = 8;
}
