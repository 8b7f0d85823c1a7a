package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.Unit;
import hazelkeep.piece.StickPiece;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.PieceStore;
import hazelkeep.wood.Part;
import java.awt.geom.Point2D;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.contentstream.PDFGraphicsStreamEngine;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.graphics.image.PDImage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

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
              .filter(l -> Math.abs(l[0] - 24) < 0.01 && Math.abs(l[2] - 44) < 0.01)
              .map(l -> l[1])
              .toList();
      double datum = 50;
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
      assertThat(new PDFTextStripper().getText(d))
          .contains("part 2 of 2")
          .contains("the part before ends here");
    }
  }

  @Test
  void the_cut_sheet_names_every_position_size_and_step_in_the_chosen_unit() throws IOException {
    long id = box("Sheet — “odd” 名", LiddedBox.fresh().with("joint.diameter", 49.2));
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
          .contains("Recess depth 9.7, depth gauge from the rim")
          .contains("This bar measures 100 mm")
          .contains("Cuts across the blank, from its foot end")
          .contains("sizes in mm")
          .contains("page 1 of ");
      assertThat(lines(d.getPage(0))).anyMatch(PaperTest::bar);
    }
    visitor.get("/");
    visitor.post("/unit", "to", "INCH", "back", "/");
    try (PDDocument d = pdf(id, "cut-sheet")) {
      String text = new PDFTextStripper().getText(d);
      assertThat(text).contains("1.940 in").contains("sizes in in");
    }
  }

  @Test
  void the_page_says_what_the_sheet_says() {
    long id = box("Page", LiddedBox.fresh().with("joint.diameter", 49.2));
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

  @Test
  void all_of_it_comes_in_one_file_on_either_paper_with_a_bar_and_a_number_on_each_page()
      throws IOException {
    for (String paper : List.of("A4", "LETTER")) {
      try (PDDocument d = Loader.loadPDF(visitor.bytes("/pieces/2/all.pdf?paper=" + paper))) {
        int n = d.getNumberOfPages();
        assertThat(n).isGreaterThan(7);
        for (int i = 0; i < n; i++) {
          PDPage p = d.getPage(i);
          assertThat(p.getMediaBox().getWidth())
              .isCloseTo(paper.equals("A4") ? 595.276f : 612, within(0.1f));
          assertThat(lines(p)).as("%s page %d", paper, i + 1).anyMatch(PaperTest::bar);
          PDFTextStripper one = new PDFTextStripper();
          one.setStartPage(i + 1);
          one.setEndPage(i + 1);
          assertThat(one.getText(d))
              .contains("page " + (i + 1) + " of " + n)
              .contains("sizes in mm");
          for (double[] l : lines(p)) {
            double most = p.getMediaBox().getWidth() * POINT;
            assertThat(List.of(l[0], l[2])).allMatch(x -> x > 4 && x < most - 4);
          }
        }
      }
    }
  }

  @Test
  void a_template_is_the_outline_itself() throws IOException {
    long id = box("Template", LiddedBox.fresh());
    Part body = app.bean(Planner.class).plan(pieces.get(id)).aim().part("body");
    double axis = 32;
    double top = 52;
    try (PDDocument d = pdf(id, "templates")) {
      List<double[]> lines = lines(d.getPage(0));
      for (double at = 0.5; at < body.target().maxZ() - body.target().minZ(); at += 1) {
        double y = top + at;
        double r = body.target().outer(body.target().minZ() + at);
        assertThat(lines)
            .as("%.1f mm up", at)
            .anySatisfy(l -> assertThat(crosses(l, y) - axis).isCloseTo(r, within(0.1)));
      }
    }
  }

  /** Where a line of the page passes a height, mm; far off where it does not. */
  private static double crosses(double[] l, double y) {
    boolean passes = Math.min(l[1], l[3]) <= y && Math.max(l[1], l[3]) >= y && l[1] != l[3];
    return passes ? l[0] + (y - l[1]) / (l[3] - l[1]) * (l[2] - l[0]) : -1_000;
  }

  @Test
  void the_record_is_one_page_and_a_piece_on_the_lathe_prints_what_is_left() throws IOException {
    try (PDDocument d = Loader.loadPDF(visitor.bytes("/pieces/3/record.pdf"))) {
      assertThat(d.getNumberOfPages()).isEqualTo(1);
      assertThat(new PDFTextStripper().getText(d)).contains("not recorded yet", "Recess diameter");
    }
    try (PDDocument d = Loader.loadPDF(visitor.bytes("/pieces/3/cut-sheet.pdf"))) {
      assertThat(new PDFTextStripper().getText(d))
          .contains("Cut the recess")
          .doesNotContain("Round the blank");
    }
    assertThat(visitor.get("/pieces/3/no-such.pdf").statusCode()).isEqualTo(404);
    assertThat(visitor.get("/pieces/3/all.pdf?paper=POSTER").statusCode()).isEqualTo(400);
  }

  /** What is let into a foot is no wall: the thinnest place is the spigot's. */
  @Test
  void stations_say_the_wall_round_the_hollow() throws IOException {
    long id = box("Stations", LiddedBox.fresh());
    Part body = app.bean(Planner.class).plan(pieces.get(id)).aim().part("body");
    double top = body.target().maxZ() - 1;
    double wall = body.target().outer(top) - body.target().inner(top);
    try (PDDocument d = pdf(id, "cut-sheet")) {
      String text = new PDFTextStripper().getText(d);
      String stations = text.substring(text.indexOf("Stations of the body"));
      assertThat(stations).containsPattern("0\\.0 [0-9.]+ [0-9.]+ let into the end");
      assertThat(stations)
          .containsPattern(" " + Pattern.quote(Unit.MM.show(wall)) + " thinnest: nothing more");
    }
  }

  /** Read back by Poppler, which is none of ours: pages, their size, the words. */
  @Test
  void another_reader_finds_the_same_pages_and_words(@TempDir Path dir) throws Exception {
    Assumptions.assumeTrue(Files.isExecutable(Path.of("/usr/bin/pdfinfo")), "Poppler is installed");
    Path file = Files.write(dir.resolve("all.pdf"), visitor.bytes("/pieces/2/all.pdf"));
    String info = said("/usr/bin/pdfinfo", file.toString());
    assertThat(info).contains("(A4)");
    assertThat(said("/usr/bin/pdffonts", file.toString()))
        .contains("AtkinsonHyperlegible")
        .contains("Fraunces")
        .doesNotContain(" no  ");
    assertThat(said("/usr/bin/pdftotext", "-layout", file.toString(), "-"))
        .doesNotContain("Warning")
        .contains("Cut sheet", "Marking stick 1:1", "Template 1:1", "Record");
  }

  private static String said(String... command) throws Exception {
    Process p = new ProcessBuilder(command).redirectErrorStream(true).start();
    String out = new String(p.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(p.waitFor()).as(out).isZero();
    return out;
  }
}
