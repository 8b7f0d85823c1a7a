package hazelkeep.web.paper;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDFontDescriptor;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The faces of the screens, embedded in a document. */
final class Faces {
  /** A face by what it is for. */
  enum Face {
    TEXT("next-400"),
    STRONG("next-650"),
    NUMBER("mono-450"),
    TITLE("fraunces-600");

    private final String file;

    Face(String file) {
      this.file = file;
    }
  }

  /** Weights of letters go by so much. */
  private static final int WEIGHTS = 100;

  /** mm. */
  private static final double POINT = 25.4 / 72;

  private final PDDocument document;
  private final Map<Face, PDFont> loaded = new EnumMap<>(Face.class);

  Faces(PDDocument document) {
    this.document = document;
  }

  PDFont of(Face face) {
    return loaded.computeIfAbsent(face, this::load);
  }

  private PDFont load(Face face) {
    try (InputStream in =
        Faces.class.getResourceAsStream("/hazelkeep/faces/" + face.file + ".ttf")) {
      PDType0Font font = PDType0Font.load(document, in);
      PDFontDescriptor told = font.getDescendantFont().getFontDescriptor();
      // A weight of 450 is none that the format knows; some readers warn of it.
      told.setFontWeight(WEIGHTS * Math.round(told.getFontWeight() / WEIGHTS));
      return font;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Letters that a face has; others become a question mark rather than an error. */
  String printable(Face face, String text) {
    StringBuilder out = new StringBuilder();
    // The faces have the letter that looks like it, not the sign for a diameter.
    text.replace('\u2300', '\u00d8')
        .codePoints()
        .forEach(
            c -> {
              try {
                of(face).encode(new String(Character.toChars(c)));
                out.appendCodePoint(c);
              } catch (IOException | IllegalArgumentException e) {
                out.append('?');
              }
            });
    return out.toString();
  }

  /** How wide a text is, mm. */
  double width(Face face, String text, double size) {
    try {
      return of(face).getStringWidth(printable(face, text)) / 1000 * size * POINT;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Text broken into lines that are no wider than the room, mm. */
  List<String> broken(double size, double room, String text) {
    List<String> out = new ArrayList<>();
    StringBuilder line = new StringBuilder();
    for (String word : text.split(" ")) {
      if (line.length() > 0 && width(Face.TEXT, line + " " + word, size) > room) {
        out.add(line.toString());
        line.setLength(0);
      }
      line.append(line.length() == 0 ? "" : " ").append(word);
    }
    out.add(line.toString());
    return out;
  }
}
