package hazelkeep.web.drawing;

import hazelkeep.piece.Sketch;

/**
 * What all that is drawn on a piece's sheet shares.
 *
 * @param sketch the piece
 * @param show how numbers are written
 * @param sheet where the work lies
 * @param svg what is drawn on
 * @param labels where there is room
 */
record Board(Sketch<?> sketch, Show show, Sheet sheet, Svg svg, Labels labels) {
  /** How wide the sheet is. */
  static final double WIDTH = 840;

  /** How wide the letters of a label are, and the digits of its number. */
  static final double LETTER = 5.8;

  static final double DIGIT = 8.2;
}
