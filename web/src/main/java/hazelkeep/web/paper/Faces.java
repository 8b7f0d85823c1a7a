package hazelkeep.web.paper;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.EnumMap;
import java.util.Map;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
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
      return PDType0Font.load(document, in);
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
}
