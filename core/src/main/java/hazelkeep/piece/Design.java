package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What a turner states about a piece: choices, and the sizes that are not left to the rules. */
public interface Design {
  /** The sizes stated, by dimension. */
  Map<DimKey, Size> sizes();

  /** What was added to it, in the order in which it was added. */
  List<Added> elements();

  /** The wood's common name; may be any name. */
  String species();

  /** The stock at hand, if there is some. */
  Optional<Blank> blank();

  /** The finest grit, 80 to 2000. */
  int grit();

  /** The finish product; empty when it stays raw. */
  String finish();

  /** The wood that jam chucks are turned from. */
  String jamWood();

  /** Layers of paper between a jam chuck and the work. */
  int paper();

  /** Lean of the grain against the axis, degrees, 0 to 30. */
  int grainSlope();
}
