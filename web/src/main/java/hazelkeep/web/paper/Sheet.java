package hazelkeep.web.paper;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** A4 sheets in mm, origin at the top left, with an embedded face. */
final class Sheet implements AutoCloseable {
  static final double WIDTH = 210;
  static final double HEIGHT = 297;
  private static final float POINTS = 72f / 25.4f;
  private static final float RULE = 0.78f;

  private final PDDocument document = new PDDocument();
  private final PDFont font;
  private PDPageContentStream page;

  Sheet(String title) {
    try (InputStream in =
        PDDocument.class.getResourceAsStream(
            "/org/apache/pdfbox/resources/ttf/LiberationSans-Regular.ttf")) {
      font = PDType0Font.load(document, in);
      document.getDocumentInformation().setTitle(title);
      next();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Starts a new page. */
  void next() {
    try {
      if (page != null) {
        page.close();
      }
      PDPage p = new PDPage(PDRectangle.A4);
      document.addPage(p);
      page = new PDPageContentStream(document, p);
      page.setLineWidth(0.25f * POINTS);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Where to go on when so much is to come at a height: there, or at the top of a new page. */
  double room(double y, double needs) {
    if (y <= HEIGHT - needs) {
      return y;
    }
    next();
    return 24;
  }

  /** Name, what the sheet is, and the bar that tells whether it was printed to scale. */
  void titled(String name, String what) {
    text(18, 22, 18, name);
    text(18, 29, 10, what);
    controlBar(18, 40);
  }

  void line(double x0, double y0, double x1, double y1) {
    try {
      page.moveTo(x(x0), y(y0));
      page.lineTo(x(x1), y(y1));
      page.stroke();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A circle, drawn as closely as a printer shows. */
  void circle(double x, double y, double r) {
    int sides = 72;
    for (int i = 0; i < sides; i++) {
      double a = 2 * Math.PI * i / sides;
      double b = 2 * Math.PI * (i + 1) / sides;
      line(x + r * Math.cos(a), y + r * Math.sin(a), x + r * Math.cos(b), y + r * Math.sin(b));
    }
  }

  /** A faint line between rows. */
  void rule(double x0, double y, double x1) {
    try {
      page.setStrokingColor(RULE, RULE, RULE);
      line(x0, y, x1, y);
      page.setStrokingColor(0f, 0f, 0f);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  void text(double x, double y, double size, String text) {
    try {
      page.beginText();
      page.setFont(font, (float) size);
      page.newLineAtOffset(x(x), y(y));
      page.showText(printable(text));
      page.endText();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Text that ends at x. */
  void right(double x, double y, double size, String text) {
    text(x - width(text, size), y, size, text);
  }

  /** How wide a text is, mm. */
  double width(String text, double size) {
    try {
      return font.getStringWidth(printable(text)) / 1000 * size / POINTS;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A bar of exactly 100 mm with a mark every ten: what the printer must reproduce. */
  void controlBar(double x, double y) {
    line(x, y, x + 100, y);
    for (int i = 0; i <= 10; i++) {
      line(x + 10 * i, y, x + 10 * i, y - (i % 10 == 0 ? 4 : 2));
    }
    text(x + 104, y, 8, "This bar measures 100 mm (3 15/16 in). If not, print at 100 %.");
  }

  /** Letters that the face has; others become a question mark rather than an error. */
  private String printable(String text) {
    StringBuilder out = new StringBuilder();
    // The face has the letter that looks like it, not the sign for a diameter.
    text.replace('⌀', 'Ø')
        .codePoints()
        .forEach(
            c -> {
              try {
                font.encode(new String(Character.toChars(c)));
                out.appendCodePoint(c);
              } catch (IOException | IllegalArgumentException e) {
                out.append('?');
              }
            });
    return out.toString();
  }

  private static float x(double mm) {
    return (float) mm * POINTS;
  }

  private static float y(double mm) {
    return (float) (HEIGHT - mm) * POINTS;
  }

  /** The finished document. */
  byte[] bytes() {
    try {
      page.close();
      page = null;
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      document.save(out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
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
