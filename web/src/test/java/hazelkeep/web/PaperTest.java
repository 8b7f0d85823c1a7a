package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.piece.StickPiece;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.PieceStore;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The printed sheets, read back from the PDF. */
class PaperTest {
  private static final double POINT = 25.4 / 72;

  private final App app = App.shared();
  private final App.Visitor visitor = app.visitor();
  private final PieceStore pieces = app.bean(PieceStore.class);
  private final LiddedBoxKind kind = LiddedBoxKind.BOX;

  private long box(String name, LiddedBox b) {
    return pieces.create(name, kind, b);
  }

  private PDDocument pdf(long id, String which) throws IOException {
    return Loader.loadPDF(visitor.bytes("/pieces/" + id + "/" + which + ".pdf"));
  }

  /** Straight lines of a page in mm, from the top left. */
  private static List<double[]> lines(PDPage page) throws IOException {
    List<double[]> out = new ArrayList<>();
    new PDFGraphicsStreamEngine(page) {
      private Point2D at = new Point2D.Float();

      @Override
      public void moveTo(float x, float y) {
        at = new Point2D.Float(x, y);
      }

      @Override
      public void lineTo(float x, float y) {
        double top = getPage().getMediaBox().getHeight();
        out.add(
            new double[] {
              at.getX() * POINT, (top - at.getY()) * POINT, x * POINT, (top - y) * POINT
            });
        at = new Point2D.Float(x, y);
      }

      @Override
      public void appendRectangle(Point2D a, Point2D b, Point2D c, Point2D d) {}

      @Override
      public void drawImage(PDImage image) {}

      @Override
      public void clip(int rule) {}

      @Override
      public void curveTo(float a, float b, float c, float d, float e, float f) {}

      @Override
      public Point2D getCurrentPoint() {
        return at;
      }

      @Override
      public void closePath() {}

      @Override
      public void endPath() {}

      @Override
      public void strokePath() {}

      @Override
      public void fillPath(int rule) {}

      @Override
      public void fillAndStrokePath(int rule) {}

      @Override
      public void shadingFill(COSName name) {}

      void run() throws IOException {
        processPage(getPage());
      }
    }.run();
    return out;
  }

  private static boolean bar(double[] l) {
    return Math.abs(l[1] - l[3]) < 1e-3 && Math.abs(Math.abs(l[2] - l[0]) - 100) < 0.02;
  }

  @Test
  void the_marking_stick_is_one_to_one() throws IOException {
    long id = box("Stick", LiddedBox.fresh());
    List<StickPiece> stick =
        app.bean(Planner.class).plan(pieces.get(id)).sketch().stick().stream()
            .filter(s -> s.length() > 0)
            .toList();
    try (PDDocument d = pdf(id, "marking-stick")) {
      assertThat(d.getNumberOfPages()).isEqualTo(1);
      List<double[]> lines = lines(d.getPage(0));
      assertThat(lines).as("a control bar of 100 mm").anyMatch(PaperTest::bar);
      List<Double> marks =
          lines.stream()
              .filter(l -> Math.abs(l[0] - 30) < 0.01 && Math.abs(l[2] - 55) < 0.01)
              .map(l -> l[1])
              .toList();
      double datum = 42;
      for (StickPiece s : stick) {
        assertThat(marks)
            .as("%s ends at %s", s.label(), s.to())
            .anySatisfy(y -> assertThat(y - datum).isCloseTo(s.to(), within(0.02)));
      }
      assertThat(marks).hasSameSizeAs(stick);
    }
  }

  @Test
  void a_long_stick_goes_on_on_the_next_page_with_a_bar_on_each() throws IOException {
    long id =
        box("Long", LiddedBox.fresh().with("outside.height", 300).with("outside.diameter", 90));
    try (PDDocument d = pdf(id, "marking-stick")) {
      assertThat(d.getNumberOfPages()).isEqualTo(2);
      for (PDPage p : d.getPages()) {
        assertThat(lines(p)).anyMatch(PaperTest::bar);
      }
      assertThat(new PDFTextStripper().getText(d)).contains("part 2 of 2").contains("continues at");
    }
  }

  @Test
  void the_cut_sheet_names_every_position_size_and_step_in_the_chosen_unit() throws IOException {
    long id = box("Sheet — “odd” 名", LiddedBox.fresh());
    try (PDDocument d = pdf(id, "cut-sheet")) {
      String text = new PDFTextStripper().getText(d);
      app.bean(Planner.class)
          .plan(pieces.get(id))
          .route()
          .steps()
          .forEach(s -> assertThat(text).contains(s.title()));
      assertThat(text)
          .contains("Recess diameter")
          .contains("49.28 mm")
          .contains("depth gauge shows 7.7")
          .contains("This bar measures 100 mm")
          .contains("all positions from the foot end of the blank, in mm");
      assertThat(lines(d.getPage(0))).anyMatch(PaperTest::bar);
    }
    visitor.get("/");
    visitor.post("/unit", "to", "INCH", "back", "/");
    try (PDDocument d = pdf(id, "cut-sheet")) {
      String text = new PDFTextStripper().getText(d);
      assertThat(text).contains("1.940 in").contains("in in");
    }
  }

  @Test
  void the_page_says_what_the_sheet_says() {
    long id = box("Page", LiddedBox.fresh());
    String page = visitor.get("/pieces/" + id + "/paper").body();
    assertThat(page).contains("49.28 mm").contains("Foot tenon, at its end").contains("53.0 mm");
  }

  @Test
  void a_square_blank_is_made_ready_by_sawing_its_corners() {
    assertThat(visitor.get("/pieces/2/paper").body())
        .as("63 square: 0.2929 of it, 0.4142 of it, 2 mm for centring")
        .contains("corners back by 18.5 mm", "flats of 26.1 mm", "61.0 mm is the largest");
    long round = box("Round", LiddedBox.fresh());
    assertThat(visitor.get("/pieces/" + round + "/paper").body()).doesNotContain("octagon");
  }
}
