package hazelkeep.shop;

import hazelkeep.solid.Span;
import hazelkeep.solid.ToolShape;
import hazelkeep.wood.Doing;
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
 * @param drive drive centre
 * @param live live centre
 * @param pad padded tail centre, leaves no dimple
 * @param lathe the lathe
 */
public record Shop(
    List<JawSet> jaws,
    List<Tool> tools,
    List<Bit> bits,
    List<Gauge> gauges,
    Centre drive,
    Centre live,
    Centre pad,
    Lathe lathe) {
  /** Copies the lists. */
  public Shop {
    jaws = List.copyOf(jaws);
    tools = List.copyOf(tools);
    bits = List.copyOf(bits);
    gauges = List.copyOf(gauges);
  }

  /** The jaw set whose true circle lies nearest below a tenon's root diameter, within its range. */
  public Optional<JawSet> jawsFor(double root) {
    return jaws.stream()
        .filter(j -> j.squeeze().holds(root))
        .min(Comparator.comparingDouble(j -> Math.abs(root - j.trueCircle())));
  }

  /** The largest tenon that bites all round and keeps a diameter for its shoulder. */
  public Optional<JawSet> largestUpTo(double root) {
    return jaws.stream()
        .filter(j -> j.trueCircle() <= root)
        .max(Comparator.comparingDouble(JawSet::trueCircle));
  }

  /** The thinnest parting tool. */
  public Optional<Tool> thinnestParting() {
    return tools.stream().filter(Tool::parts).min(Comparator.comparingDouble(Tool::width));
  }

  /** Calipers: the gauge without a dead length. */
  public Gauge caliper() {
    return gauges.stream().filter(g -> g.dead() == 0).findFirst().orElse(new Gauge("calipers", 0));
  }

  /** The depth gauge: the first with a dead length, else a plain rule. */
  public Gauge depthGauge() {
    return gauges.stream().filter(g -> g.dead() != 0).findFirst().orElse(new Gauge("rule", 0));
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
    Set<Doing> cut = EnumSet.of(Doing.CUT);
    Set<Doing> rub = EnumSet.of(Doing.SAND, Doing.FINISH);
    return new Shop(
        List.of(
            new JawSet("25 mm jaws", 26, new Span(23, 40), 9, 8, 80),
            new JawSet("50 mm jaws", 50, new Span(40, 66), 10, 8, 95),
            new JawSet("75 mm jaws", 75, new Span(66, 98), 12, 8, 110)),
        List.of(
            new Tool("thin parting tool", new ToolShape(0.2, 1.0, 60), cut, 2.0),
            new Tool("wide parting tool", new ToolShape(0.2, 2.5, 60), cut, 5.0),
            new Tool("10 mm spindle gouge", new ToolShape(2.5, 5, 160), cut, 0),
            new Tool("round-nose scraper", new ToolShape(4, 6, 120), cut, 0),
            new Tool("box scraper", new ToolShape(0.2, 4, 120), cut, 0),
            new Tool("12 mm hollowing bar", new ToolShape(2, 6, 220), cut, 0),
            new Tool("sanding stick", new ToolShape(2, 5, 200), rub, 0),
            new Tool("finger", new ToolShape(8, 8, 60), rub, 0)),
        List.of(
            new Bit("6 mm twist bit", 6, Bit.twistTip(6, 118), 95, false),
            new Bit("10 mm twist bit", 10, Bit.twistTip(10, 118), 120, false),
            new Bit("25 mm Forstner bit", 25, 4, 85, true),
            new Bit("30 mm Forstner bit", 30, 4, 85, true),
            new Bit("38 mm Forstner bit", 38, 4.5, 85, true),
            new Bit("50 mm Forstner bit", 50, 5, 85, true)),
        List.of(new Gauge("calipers", 0), new Gauge("depth gauge", 2)),
        new Centre("drive centre", 3, 4, 12),
        new Centre("live centre", 3, 2, 10),
        new Centre("padded centre", 0, 0, 8),
        new Lathe(300, 450, 200, 3200));
  }
}
