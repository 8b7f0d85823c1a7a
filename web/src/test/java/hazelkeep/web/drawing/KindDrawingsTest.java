package hazelkeep.web.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.kinds.Kinds;
import hazelkeep.kinds.cased.CasedKind;
import hazelkeep.kinds.mill.MillKind;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Design;
import hazelkeep.piece.Fitting;
import hazelkeep.piece.Handle;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Rolled;
import hazelkeep.piece.Sketch;
import hazelkeep.route.Stage;
import hazelkeep.shop.Shop;
import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;

/** What is on the drawings of every kind, read back from the SVG. */
class KindDrawingsTest {
  private final Shop shop = Shop.starter();

  static Stream<Kind<?>> kinds() {
    return Kinds.ALL.stream();
  }

  private static Document xml(String svg) {
    try {
      return DocumentBuilderFactory.newInstance()
          .newDocumentBuilder()
          .parse(new InputSource(new StringReader(svg)));
    } catch (Exception e) {
      throw new AssertionError("not well-formed: " + svg, e);
    }
  }

  private static List<Element> all(Document d, String tag, String css) {
    NodeList n = d.getElementsByTagName(tag);
    List<Element> out = new ArrayList<>();
    for (int i = 0; i < n.getLength(); i++) {
      Element e = (Element) n.item(i);
      if (css.isEmpty() || e.getAttribute("class").equals(css)) {
        out.add(e);
      }
    }
    return out;
  }

  private static double num(Element e, String attribute) {
    return Double.parseDouble(e.getAttribute(attribute));
  }

  /** A kind's fresh design, and one for each option of its choices. */
  private <D extends Design> List<Sketch<D>> sketches(Kind<D> kind) {
    List<D> designs = new ArrayList<>(List.of(kind.fresh()));
    for (Choice c : kind.choices(kind.fresh())) {
      c.options().forEach(o -> designs.add(kind.choose(kind.fresh(), c.name(), o.name())));
    }
    List<Sketch<D>> out = new ArrayList<>();
    for (D d : designs) {
      try {
        out.add(Sketch.of(kind, d, shop, Map.of()));
      } catch (BadDesign e) {
        assertThat(e.getMessage()).isNotBlank();
      }
    }
    return out;
  }

  /** Below the axis each part is as wide at every height as it is turned, bored through or not. */
  @ParameterizedTest
  @MethodSource("kinds")
  void from_outside_every_part_is_as_wide_as_it_is_turned(Kind<?> kind) {
    for (Sketch<?> s : sketches(kind)) {
      Document d = xml(PieceDrawing.of(s, new Show(Unit.MM), null));
      double scale = num(d.getDocumentElement(), "data-scale");
      double left = num(d.getDocumentElement(), "data-left");
      double axis = num(d.getDocumentElement(), "data-axis");
      Area seen = new Area();
      all(d, "path", "outside").forEach(e -> seen.add(area(e.getAttribute("d"))));
      for (double z = 2; z < s.aim().mm("blank.length"); z += 1) {
        double[] near = {widest(s, z - 0.5), widest(s, z), widest(s, z + 0.5)};
        double least = Arrays.stream(near).min().orElse(0);
        double most = Arrays.stream(near).max().orElse(0);
        double x = left + z * scale;
        if (least > 1) {
          assertThat(seen.contains(x, axis + (least - 0.4) * scale))
              .as("%s at %s", kind, z)
              .isTrue();
        }
        assertThat(seen.contains(x, axis + (most + 0.4) * scale)).as("%s at %s", kind, z).isFalse();
      }
    }
  }

  /** The radius that is seen at a height: a ring is a band. */
  private static double widest(Sketch<?> s, double z) {
    return s.aim().offBlank().stream()
        .filter(p -> z >= p.target().minZ() && z <= p.target().maxZ())
        .mapToDouble(p -> p.name().startsWith("ring") ? p.target().maxR() : p.target().outer(z))
        .max()
        .orElse(0);
  }

  private static Area area(String path) {
    Path2D out = new Path2D.Double(Path2D.WIND_NON_ZERO);
    Matcher m = Pattern.compile("([MLZ])(?:([-\\d.]+) ([-\\d.]+))?").matcher(path);
    while (m.find()) {
      switch (m.group(1)) {
        case "M" -> out.moveTo(Double.parseDouble(m.group(2)), Double.parseDouble(m.group(3)));
        case "L" -> out.lineTo(Double.parseDouble(m.group(2)), Double.parseDouble(m.group(3)));
        default -> out.closePath();
      }
    }
    return new Area(out);
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void every_size_on_a_drawing_is_the_cores(Kind<?> kind) {
    for (Sketch<?> s : sketches(kind)) {
      for (Unit unit : Unit.values()) {
        Document d = xml(PieceDrawing.of(s, new Show(unit), null));
        List<Element> inputs = all(d, "input", "dim-input");
        // The closed height has a field also where no line is as long as it.
        Set<DimKey> hang = new HashSet<>(Set.of(new DimKey("outside.height")));
        s.measures().stream().filter(m -> m.hangs()).forEach(m -> hang.add(m.key()));
        assertThat(inputs).hasSize(hang.size());
        for (Element input : inputs) {
          Dim dim = s.aim().dims().get(new DimKey(input.getAttribute("data-key")));
          double shown = SizeText.parse(input.getAttribute("value"), unit).mm();
          double step =
              unit == Unit.MM ? (dim.fit() ? 0.005 : 0.05) : dim.fit() ? 0.0127 : 25.4 / 128;
          assertThat(shown).as("%s", dim).isCloseTo(dim.mm(), within(step + 1e-9));
        }
      }
    }
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void labels_keep_off_one_another_and_stay_on_the_sheet(Kind<?> kind) {
    List<String> covered = new ArrayList<>();
    for (Sketch<?> s : sketches(kind)) {
      Document d = xml(PieceDrawing.of(s, new Show(Unit.MM), null));
      List<Element> boxes = all(d, "foreignObject", "");
      for (int a = 0; a < boxes.size(); a++) {
        assertThat(num(boxes.get(a), "x")).isGreaterThanOrEqualTo(0);
        assertThat(num(boxes.get(a), "x") + num(boxes.get(a), "width")).isLessThanOrEqualTo(840);
        for (int b = a + 1; b < boxes.size(); b++) {
          Element one = boxes.get(a);
          Element two = boxes.get(b);
          boolean meet =
              num(one, "x") < num(two, "x") + num(two, "width")
                  && num(two, "x") < num(one, "x") + num(one, "width")
                  && num(one, "y") < num(two, "y") + num(two, "height")
                  && num(two, "y") < num(one, "y") + num(one, "height");
          if (meet) {
            covered.add(s.design() + ": " + one.getTextContent() + " on " + two.getTextContent());
          }
        }
      }
    }
    assertThat(covered).isEmpty();
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void points_lie_to_scale_and_say_their_limits(Kind<?> kind) {
    Show show = new Show(Unit.MM);
    for (Sketch<?> s : sketches(kind)) {
      Document d = xml(PieceDrawing.of(s, show, null));
      double scale = num(d.getDocumentElement(), "data-scale");
      double left = num(d.getDocumentElement(), "data-left");
      double axis = num(d.getDocumentElement(), "data-axis");
      List<Element> points = all(d, "circle", "handle");
      List<Handle> handles = s.handles();
      assertThat(points).hasSize(handles.size());
      for (int i = 0; i < points.size(); i++) {
        Handle h = handles.get(i);
        assertThat((num(points.get(i), "cx") - left) / scale).isCloseTo(h.at().z(), within(0.02));
        assertThat((axis - num(points.get(i), "cy")) / scale).isCloseTo(h.at().r(), within(0.02));
        String said = points.get(i).getAttribute("aria-valuetext");
        if (!Double.isNaN(h.least())) {
          assertThat(said).endsWith("at least ⌀ " + show.len(h.least()));
        } else if (!Double.isNaN(h.most())) {
          assertThat(said).endsWith("at most " + show.len(h.most()) + " deep");
        } else {
          assertThat(said).doesNotContain("at least", "at most");
        }
      }
      assertThat(all(d, "path", "keep").isEmpty()).isEqualTo(s.keep().isEmpty());
    }
  }

  @ParameterizedTest
  @MethodSource("kinds")
  void every_stage_and_every_reading_can_be_drawn(Kind<?> kind) {
    staged(kind);
  }

  private <D extends Design> void staged(Kind<D> kind) {
    Plan<D> p = Plan.of(kind, kind.fresh(), shop, List.of());
    Reel reel = Reel.of(p, 212, 130);
    Show show = new Show(Unit.MM);
    int read = 0;
    for (Stage s : p.rehearsal().stages()) {
      Document card = xml(StageDrawing.card(p, s, reel));
      boolean cuts = !s.removed().isEmpty();
      assertThat(!all(card, "path", "cut").isEmpty()).as("%s", s.step().key()).isEqualTo(cuts);
      for (var prompt : p.prompts(s.step())) {
        Document large =
            xml(
                StageDrawing.large(
                    p,
                    s,
                    new StageDrawing.Told(
                        prompt.dim().key(), List.of(), 0, Optional.empty(), show)));
        List<Element> texts = all(large, "text", "");
        assertThat(texts).as("%s", prompt.dim().key()).hasSize(1);
        assertThat(texts.get(0).getTextContent())
            .endsWith(show.number(prompt.dim(), prompt.target()));
        read++;
      }
    }
    assertThat(read).isGreaterThan(3);
  }

  /** Every picture of a route lies over every other: same size, same axis, same millimetre. */
  @ParameterizedTest
  @MethodSource("kinds")
  void a_route_has_one_scale_and_tools_that_come_in(Kind<?> kind) {
    reeled(kind);
  }

  private <D extends Design> void reeled(Kind<D> kind) {
    Plan<D> p = Plan.of(kind, kind.fresh(), shop, List.of());
    Reel reel = Reel.of(p, 780, 226);
    Set<String> axes = new HashSet<>();
    int tools = 0;
    for (Stage s : p.rehearsal().stages()) {
      Document film = xml(StageDrawing.film(p, s, reel));
      Element axis = all(film, "line", "axis").get(0);
      axes.add(axis.getAttribute("y1") + " " + film.getDocumentElement().getAttribute("width"));
      for (Element tool : all(film, "path", "tool")) {
        String[] frames = tool.getAttribute("data-frames").split("\\|");
        int from = Integer.parseInt(tool.getAttribute("data-from"));
        int to = Integer.parseInt(tool.getAttribute("data-to"));
        assertThat(from).isPositive().isLessThan(to);
        assertThat(to).isLessThan(frames.length);
        tools++;
      }
      assertThat(all(film, "path", "opened")).hasSize(2 * all(film, "path", "tool").size());
    }
    assertThat(axes).hasSize(1);
    assertThat(tools).isGreaterThan(5);
  }

  /** Wood and bought parts in one row, all to one scale, none on its neighbour. */
  @ParameterizedTest
  @MethodSource("kinds")
  void parts_lie_side_by_side(Kind<?> kind) {
    for (Sketch<?> s : sketches(kind)) {
      Document d = xml(PartsDrawing.of(s));
      int parts = s.aim().parts().size();
      int fittings = s.fittings().size();
      assertThat(all(d, "path", "wood")).as("apart and together").hasSize(2 * parts);
      // What has no hole is one block, a ring its own section on both sides.
      List<Fitting> solid = s.fittings().stream().filter(f -> f.outline().minR() == 0).toList();
      List<Element> metal = all(d, "rect", "metal");
      assertThat(metal).hasSize(2 * solid.size());
      List<Element> rings = all(d, "path", "metal");
      assertThat(rings).hasSize(2 * (fittings - solid.size()));
      for (Element ring : rings) {
        assertThat(ring.getAttribute("d").split("M")).as("both sides").hasSize(3);
      }
      List<String> legend = PartsDrawing.legend(s, new Show(Unit.MM));
      assertThat(legend).hasSize(parts + fittings);
      assertThat(all(d, "text", "part-label")).hasSize(parts + fittings);
      if (solid.size() > 1) {
        // The longest says the scale best: what is written is rounded.
        Fitting last = solid.get(solid.size() - 1);
        double scale =
            num(metal.get(solid.size() - 1), "width")
                / (last.outline().maxZ() - last.outline().minZ());
        for (int i = 0; i < solid.size(); i++) {
          Fitting f = solid.get(i);
          assertThat(num(metal.get(i), "width") / scale)
              .as(f.name())
              .isCloseTo(f.outline().maxZ() - f.outline().minZ(), within(0.05));
          assertThat(num(metal.get(i), "height") / scale)
              .isCloseTo(2 * f.outline().maxR(), within(0.02));
          if (i > 0) {
            assertThat(num(metal.get(i), "x"))
                .isGreaterThan(num(metal.get(i - 1), "x") + num(metal.get(i - 1), "width"));
          }
        }
      }
    }
  }

  @Test
  void a_side_is_rolled_out_to_scale() {
    Sketch<?> s = Sketch.of(CasedKind.HOUSE, CasedKind.HOUSE.fresh(), shop, Map.of());
    Rolled side = s.rolled().get(0);
    Document d = xml(PartsDrawing.rolled(side, new Show(Unit.MM)));
    Element sheet = all(d, "rect", "rolled").get(0);
    double scale = num(sheet, "width") / side.round();
    assertThat(num(sheet, "height") / scale).isCloseTo(side.height(), within(0.02));
    List<Element> holes = all(d, "circle", "hole");
    assertThat(holes).hasSize(side.places().size());
    for (int i = 0; i < holes.size(); i++) {
      Rolled.Place p = side.places().get(i);
      assertThat((num(holes.get(i), "cx") - num(sheet, "x")) / scale)
          .isCloseTo(p.along(), within(0.02));
      double up = num(sheet, "y") + num(sheet, "height") - num(holes.get(i), "cy");
      assertThat(up / scale).isCloseTo(p.height(), within(0.02));
      assertThat(2 * num(holes.get(i), "r") / scale).isCloseTo(p.hole().diameter(), within(0.02));
    }
  }

  @Test
  void tenons_of_a_mill_are_drawn_all_three() {
    Sketch<?> s = Sketch.of(MillKind.MILL, MillKind.MILL.fresh(), shop, Map.of());
    Document d = xml(PieceDrawing.of(s, new Show(Unit.INCH), null));
    assertThat(all(d, "path", "tenon")).hasSize(3);
  }
}
