package hazelkeep.web.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.SizeText;
import hazelkeep.measure.Unit;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Sketch;
import hazelkeep.piece.StickPiece;
import hazelkeep.route.Stage;
import hazelkeep.shop.Shop;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import javax.xml.parsers.DocumentBuilderFactory;
import org.junit.jupiter.api.Test;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;
import org.xml.sax.InputSource;

/** What is on the drawings, read back from the SVG. */
class PieceDrawingTest {
  private final LiddedBoxKind kind = LiddedBoxKind.BOX;
  private final Shop shop = Shop.starter();

  private Sketch<LiddedBox> sketch(LiddedBox b) {
    return Sketch.of(kind, b, shop, Map.of());
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

  private static List<Element> all(Document d, String tag) {
    NodeList n = d.getElementsByTagName(tag);
    List<Element> out = new ArrayList<>();
    for (int i = 0; i < n.getLength(); i++) {
      out.add((Element) n.item(i));
    }
    return out;
  }

  private static double num(Element e, String attribute) {
    return Double.parseDouble(e.getAttribute(attribute));
  }

  private LiddedBox random(Random r) {
    LiddedBox b = LiddedBox.fresh();
    b = kind.choose(b, "school", r.nextBoolean() ? "LID_OVER" : "LID_IN");
    b = kind.choose(b, "form", List.of("STRAIGHT", "TAPER", "BARREL", "OGEE").get(r.nextInt(4)));
    b = kind.choose(b, "top", r.nextBoolean() ? "FLAT" : "DOME");
    return b.with("outside.diameter", 36 + 70 * r.nextDouble())
        .with("outside.height", 50 + 100 * r.nextDouble());
  }

  @Test
  void every_size_on_the_drawing_is_the_core_s_number_in_the_chosen_unit() {
    Random r = new Random(2);
    for (int i = 0; i < 20; i++) {
      Sketch<LiddedBox> s = sketch(random(r));
      for (Unit unit : Unit.values()) {
        Document d = xml(PieceDrawing.of(s, new Show(unit), null));
        List<Element> inputs = all(d, "input");
        // A straight side has no foot of its own.
        assertThat(inputs).hasSize(s.design().form() == LiddedBox.Form.STRAIGHT ? 11 : 12);
        for (Element input : inputs) {
          Dim dim = s.aim().dims().get(new DimKey(input.getAttribute("data-key")));
          double shown = SizeText.parse(input.getAttribute("value"), unit).mm();
          double step =
              unit == Unit.MM ? (dim.fit() ? 0.005 : 0.05) : dim.fit() ? 0.0127 : 25.4 / 128;
          assertThat(shown).as("%s", dim).isCloseTo(dim.mm(), within(step + 1e-9));
          assertThat(input.getAttribute("aria-label")).contains(dim.reason());
        }
      }
    }
  }

  @Test
  void the_drawing_is_to_scale_and_the_stick_shares_it() {
    Sketch<LiddedBox> s = sketch(LiddedBox.fresh());
    Document d = xml(PieceDrawing.of(s, new Show(Unit.MM), null));
    double scale = num(d.getDocumentElement(), "data-scale");
    double left = num(d.getDocumentElement(), "data-left");
    Element blank =
        all(d, "rect").stream()
            .filter(e -> e.getAttribute("class").equals("blank"))
            .findFirst()
            .orElseThrow();
    assertThat(num(blank, "width") / scale).isCloseTo(s.aim().mm("blank.length"), within(0.02));
    assertThat(num(blank, "height") / scale).isCloseTo(s.aim().mm("blank.across"), within(0.02));
    List<Element> stick =
        all(d, "rect").stream().filter(e -> e.getAttribute("class").startsWith("stick")).toList();
    List<StickPiece> pieces = s.stick();
    for (int i = 0; i < pieces.size(); i++) {
      assertThat((num(stick.get(i), "x") - left) / scale)
          .isCloseTo(pieces.get(i).from(), within(0.02));
      assertThat(num(stick.get(i), "width") / scale)
          .isCloseTo(pieces.get(i).length(), within(0.02));
    }
  }

  @Test
  void labels_lie_on_one_another_never_and_stay_on_the_sheet() {
    Random r = new Random(4);
    List<String> covered = new ArrayList<>();
    for (int i = 0; i < 60; i++) {
      Document d =
          xml(PieceDrawing.of(sketch(random(r)), new Show(i % 2 == 0 ? Unit.MM : Unit.INCH), null));
      List<Element> boxes = all(d, "foreignObject");
      for (int a = 0; a < boxes.size(); a++) {
        assertThat(num(boxes.get(a), "x")).isGreaterThanOrEqualTo(0);
        assertThat(num(boxes.get(a), "x") + num(boxes.get(a), "width")).isLessThanOrEqualTo(840);
        for (int b = a + 1; b < boxes.size(); b++) {
          if (meet(boxes.get(a), boxes.get(b))) {
            covered.add(key(boxes.get(a)) + " on " + key(boxes.get(b)) + " in drawing " + i);
          }
        }
      }
    }
    assertThat(covered).isEmpty();
  }

  private static String key(Element box) {
    return ((Element) box.getElementsByTagName("input").item(0)).getAttribute("data-key");
  }

  private static boolean meet(Element a, Element b) {
    return num(a, "x") < num(b, "x") + num(b, "width")
        && num(b, "x") < num(a, "x") + num(a, "width")
        && num(a, "y") < num(b, "y") + num(b, "height")
        && num(b, "y") < num(a, "y") + num(a, "height");
  }

  @Test
  void what_was_refused_stays_in_its_field_and_is_escaped() {
    String svg =
        PieceDrawing.of(
            sketch(LiddedBox.fresh()),
            new Show(Unit.MM),
            new PieceDrawing.NotTaken("inside.depth", "\"><script>"));
    Element input =
        all(xml(svg), "input").stream()
            .filter(e -> e.getAttribute("data-key").equals("inside.depth"))
            .findFirst()
            .orElseThrow();
    assertThat(input.getAttribute("value")).isEqualTo("\"><script>");
    assertThat(input.getAttribute("aria-invalid")).isEqualTo("true");
    assertThat(svg).doesNotContain("<script>");
  }

  @Test
  void a_blank_that_is_too_short_shows_what_is_missing() {
    LiddedBox b = LiddedBox.fresh().with("blank.length", 120);
    Sketch<LiddedBox> s = sketch(b);
    Document d = xml(PieceDrawing.of(s, new Show(Unit.MM), null));
    Element missing =
        all(d, "rect").stream()
            .filter(e -> e.getAttribute("class").equals("missing"))
            .findFirst()
            .orElseThrow();
    double scale = num(d.getDocumentElement(), "data-scale");
    assertThat(num(missing, "width") / scale)
        .isCloseTo(s.aim().mm("stick.need") - 120, within(0.02));
  }

  @Test
  void a_finding_of_the_design_is_pinned_where_it_is() {
    Plan<LiddedBox> p =
        Plan.of(kind, LiddedBox.fresh().with("inside.diameter", 47.8), shop, List.of());
    Document d = xml(PieceDrawing.of(p.sketch(), new Show(Unit.MM), null));
    Element pin = all(d, "a").get(0);
    assertThat(pin.getAttribute("href")).isEqualTo("#finding-1");
    assertThat(pin.getAttribute("aria-label")).contains("spigot's wall");
    Element ring = (Element) pin.getElementsByTagName("circle").item(0);
    double scale = num(d.getDocumentElement(), "data-scale");
    double z = (num(ring, "cx") - num(d.getDocumentElement(), "data-left")) / scale;
    assertThat(z).isCloseTo(p.findings().get(0).where().orElseThrow().z(), within(0.02));
  }

  @Test
  void every_stage_draws_its_hold_and_what_it_takes_off() {
    Plan<LiddedBox> p = Plan.of(kind, LiddedBox.fresh(), shop, List.of());
    Reel reel = Reel.of(p, 212, 130);
    for (Stage s : p.rehearsal().stages()) {
      Document d = xml(StageDrawing.card(p, s, reel));
      boolean cuts = !s.removed().isEmpty();
      List<String> classes = all(d, "path").stream().map(e -> e.getAttribute("class")).toList();
      assertThat(classes.contains("cut")).as("%s", s.step().key()).isEqualTo(cuts);
      assertThat(classes.contains("iron") || classes.contains("jam-chuck"))
          .isEqualTo(s.setup().hold().onLathe());
      assertThat(num(d.getDocumentElement(), "width")).isLessThanOrEqualTo(213);
    }
  }

  @Test
  void the_bench_drawing_shows_the_size_that_is_wanted() {
    Plan<LiddedBox> p = Plan.of(kind, LiddedBox.fresh(), shop, List.of());
    int shown = 0;
    for (Stage s : p.rehearsal().stages()) {
      for (var prompt : p.prompts(s.step())) {
        Show show = new Show(Unit.MM);
        Document d =
            xml(
                StageDrawing.large(
                    p,
                    s,
                    new StageDrawing.Told(
                        prompt.dim().key(), List.of(), 0, Optional.empty(), show)));
        List<Element> texts = all(d, "text");
        assertThat(texts).as("%s at %s", prompt.dim().key(), s.step().key()).hasSize(1);
        assertThat(texts.get(0).getTextContent())
            .endsWith(show.number(prompt.dim(), prompt.target()));
        shown++;
      }
    }
    assertThat(shown).isGreaterThan(10);
  }

  @Test
  void a_card_is_drawn_in_the_wood_s_colour() {
    LiddedBox yew = Restated.with(LiddedBox.fresh(), "species", "English yew");
    String card = PieceDrawing.card(sketch(yew));
    assertThat(card).contains(WoodColour.of("yew"));
    assertThat(WoodColour.of("something nobody knows")).matches("#[0-9a-f]{6}");
    xml(card);
  }

  @Test
  void numbers_are_written_short() {
    assertThat(Svg.n(12)).isEqualTo("12");
    assertThat(Svg.n(-0.004)).isEqualTo("0");
    assertThat(Svg.n(-1.05)).isEqualTo("-1.05");
    assertThat(Svg.n(3.1)).isEqualTo("3.10");
    assertThat(Svg.n(0.999)).isEqualTo("1");
  }
}
