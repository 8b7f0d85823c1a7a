package hazelkeep.web.paper;

import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.web.paper.Faces.Face;
import hazelkeep.web.said.Sentences;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.PDPageContentStream.AppendMode;
import org.apache.pdfbox.util.Matrix;

/**
 * Sheets in mm, origin at the top left, in the faces of the screens. Every page says what it is, of
 * which piece, which page of how many, when and in what unit, and carries a bar of 100 mm.
 */
final class Sheet implements AutoCloseable {
  /** Where what is drawn begins, and its left and right border on the narrower paper, mm. */
  static final double TOP = 44;

  static final double LEFT = 18;
  static final double RIGHT = 194;
  private static final double FOOT = 14;
  private static final float POINTS = 72f / 25.4f;
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("d MMMM yyyy", Locale.UK);

  private final PDDocument document = new PDDocument();
  private final Faces faces = new Faces(document);
  private final Format format;
  private final String piece;
  private final String unit;
  private final List<String> titles = new ArrayList<>();
  private PDPageContentStream page;

  /** Something that writes to a page. */
  private interface Ink {
    void on(PDPageContentStream p) throws IOException;
  }

  /** Where a place of a half-section lies on the page, mm; r is negative below the axis. */
  interface Place {
    double[] at(double z, double r);
  }

  Sheet(Format format, String piece, String unit) {
    this.format = format;
    this.piece = piece;
    this.unit = unit;
    document.getDocumentInformation().setTitle(piece);
  }

  private void ink(Ink ink) {
    try {
      ink.on(page);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Starts a page of a sheet of that name. */
  void sheet(String what) {
    try {
      if (page != null) {
        page.close();
      }
      PDPage p = new PDPage(format.box());
      document.addPage(p);
      page = new PDPageContentStream(document, p);
      page.setLineWidth(0.25f * POINTS);
      titles.add(what);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Goes on on a new page of the same sheet. */
  void next() {
    sheet(titles.get(titles.size() - 1));
  }

  /** The lowest that is drawn, mm. */
  double bottom() {
    return format.height() - FOOT;
  }

  /** Where to go on when so much is to come at a height: there, or at the top of a new page. */
  double room(double y, double needs) {
    if (y + needs <= bottom()) {
      return y;
    }
    next();
    return TOP;
  }

  void line(double x0, double y0, double x1, double y1) {
    ink(
        p -> {
          p.moveTo(x(x0), y(y0));
          p.lineTo(x(x1), y(y1));
          p.stroke();
        });
  }

  /** A line through places. */
  void path(List<double[]> places) {
    ink(
        p -> {
          trace(p, places);
          p.stroke();
        });
  }

  private void trace(PDPageContentStream p, List<double[]> places) throws IOException {
    for (int i = 0; i < places.size(); i++) {
      float x = x(places.get(i)[0]);
      float y = y(places.get(i)[1]);
      if (i == 0) {
        p.moveTo(x, y);
      } else {
        p.lineTo(x, y);
      }
    }
  }

  /** A half-section and its mirror image, filled with a grey from 0 to 1 and outlined. */
  void section(HalfSection h, Place at, float grey) {
    section(h, at, grey, new float[0]);
  }

  /** The same with a broken outline: lengths of dash and gap, mm. */
  void section(HalfSection h, Place at, float grey, float... dash) {
    ink(
        p -> {
          p.setNonStrokingColor(grey, grey, grey);
          float[] points = new float[dash.length];
          for (int i = 0; i < dash.length; i++) {
            points[i] = dash[i] * POINTS;
          }
          p.setLineDashPattern(points, 0);
          for (int side : new int[] {1, -1}) {
            for (Polyline ring : h.rings()) {
              List<double[]> places = new ArrayList<>();
              for (Point q : ring.points()) {
                places.add(at.at(q.z(), side * q.r()));
              }
              trace(p, places);
              p.closePath();
            }
            p.fillAndStrokeEvenOdd();
          }
          p.setLineDashPattern(new float[0], 0);
          p.setNonStrokingColor(0f, 0f, 0f);
        });
  }

  /** A circle, drawn as closely as a printer shows. */
  void circle(double x, double y, double r) {
    int sides = 72;
    List<double[]> places = new ArrayList<>();
    for (int i = 0; i <= sides; i++) {
      double a = 2 * Math.PI * i / sides;
      places.add(new double[] {x + r * Math.cos(a), y + r * Math.sin(a)});
    }
    path(places);
  }

  /** A faint line across the sheet between rows. */
  void rule(double y) {
    faint(() -> line(LEFT, y, RIGHT, y));
  }

  /** What is drawn so stands back. */
  void faint(Runnable drawn) {
    ink(p -> p.setStrokingColor(0.7f, 0.7f, 0.7f));
    drawn.run();
    ink(p -> p.setStrokingColor(0f, 0f, 0f));
  }

  void text(double x, double y, double size, String text) {
    text(Face.TEXT, x, y, size, text);
  }

  void text(Face face, double x, double y, double size, String text) {
    write(face, Matrix.getTranslateInstance(x(x), y(y)), size, text);
  }

  /** Text that runs upwards from a place. */
  void upright(double x, double y, double size, String text) {
    write(Face.NUMBER, Matrix.getRotateInstance(Math.PI / 2, x(x), y(y)), size, text);
  }

  private void write(Face face, Matrix at, double size, String text) {
    ink(
        p -> {
          p.beginText();
          p.setFont(faces.of(face), (float) size);
          p.setTextMatrix(at);
          p.showText(faces.printable(face, text));
          p.endText();
        });
  }

  /** Text in as many lines as it takes; says where the next line goes. */
  double wrapped(double x, double y, double size, double room, String text) {
    double at = y;
    for (String line : broken(size, room, text)) {
      text(x, at, size, line);
      at += size * LINE;
    }
    return at;
  }

  /** Text broken into lines that are no wider than the room, mm. */
  List<String> broken(double size, double room, String text) {
    return faces.broken(size, room, text);
  }

  /** From line to line, mm to the point of size. */
  private static final double LINE = 0.46;

  /** Numbers that end at x. */
  void right(double x, double y, double size, String text) {
    text(Face.NUMBER, x - width(Face.NUMBER, text, size), y, size, text);
  }

  /** How wide a text is, mm. */
  double width(Face face, String text, double size) {
    return faces.width(face, text, size);
  }

  private float x(double mm) {
    return (float) mm * POINTS;
  }

  private float y(double mm) {
    return (float) (format.height() - mm) * POINTS;
  }

  /** The finished document. */
  byte[] bytes() {
    try {
      page.close();
      for (int i = 0; i < titles.size(); i++) {
        page =
            new PDPageContentStream(document, document.getPage(i), AppendMode.APPEND, true, true);
        page.setLineWidth(0.25f * POINTS);
        head(i);
        page.close();
      }
      page = null;
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void head(int i) {
    text(Face.TITLE, LEFT, 16, 15, piece);
    right(RIGHT, 16, 9, "page " + (i + 1) + " of " + titles.size());
    String under = Sentences.of("sheet.sizes-in", titles.get(i), LocalDate.now().format(DAY), unit);
    text(LEFT, 22, 9.5, under);
    bar(LEFT, 33);
  }

  /** A bar of exactly 100 mm with a mark every ten: what the printer must reproduce. */
  private void bar(double x, double y) {
    line(x, y, x + 100, y);
    for (int i = 0; i <= 10; i++) {
      line(x + 10 * i, y, x + 10 * i, y - (i % 10 == 0 ? 4 : 2));
    }
    text(x + 103, y, 7.5, Sentences.of("sheet.this-bar-measures-100-mm"));
  }

  @Override
  public void close() {
    try {
      if (page != null) {
        page.close();
      }
      document.close();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
