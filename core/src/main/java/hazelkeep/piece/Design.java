package hazelkeep.piece;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import java.util.Map;

/** What a turner states about a piece: choices, and the sizes that are not left to the rules. */
public interface Design {
  /** The sizes stated, by dimension. */
  Map<DimKey, Size> sizes();

  /** The wood's common name; may be any name. */
  String species();
}
