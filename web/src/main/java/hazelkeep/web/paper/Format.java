package hazelkeep.web.paper;

import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** The sizes of paper that printers hold. */
enum Format {
  /** 210 by 297 mm. */
  A4(PDRectangle.A4, "A4"),
  /** 8 1/2 by 11 in. */
  LETTER(PDRectangle.LETTER, "Letter");

  private static final double POINT = 25.4 / 72;

  private final PDRectangle box;
  private final String words;

  Format(PDRectangle box, String words) {
    this.box = box;
    this.words = words;
  }

  PDRectangle box() {
    return box;
  }

  /** As people call it. */
  public String words() {
    return words;
  }

  /** mm. */
  double width() {
    return box.getWidth() * POINT;
  }

  /** mm. */
  double height() {
    return box.getHeight() * POINT;
  }
}
