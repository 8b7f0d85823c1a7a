package hazelkeep.piece;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The blank's length put together piece by piece, from the foot end. */
public final class Stick {
  private final Map<DimKey, Dim> dims;
  private final List<StickPiece> pieces = new ArrayList<>();

  /** Out of resolved dimensions. */
  public Stick(Map<DimKey, Dim> dims) {
    this.dims = dims;
  }

  /** Adds the stretch that a dimension consumes, after those before it. */
  public Stick add(DimKey key, String label, boolean kept) {
    double from = end();
    DimKey k = key;
    pieces.add(new StickPiece(k, label, from, from + dims.get(k).mm(), kept));
    return this;
  }

  private double end() {
    return pieces.isEmpty() ? 0 : pieces.get(pieces.size() - 1).to();
  }

  /** All of them, and what the blank has to spare. */
  public List<StickPiece> done() {
    DimKey length = new DimKey("blank.length");
    double blank = dims.get(length).mm();
    if (blank > end() + 1e-6) {
      pieces.add(new StickPiece(length, "to spare", end(), blank, false));
    }
    return List.copyOf(pieces);
  }
}
