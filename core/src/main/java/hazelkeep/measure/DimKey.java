package hazelkeep.measure;

import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.regex.Pattern;

/**
 * The name of a dimension: lower-case words joined by dots, {@code recess.diameter}.
 *
 * @param path the name
 */
public record DimKey(String path) implements Comparable<DimKey> {
  private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9-]*(\\.[a-z][a-z0-9-]*){0,3}");
  private static final int LONGEST = 60;

  /** Names that were found right: a plan asks for the same hundred thousands of times. */
  private static final Set<String> RIGHT = ConcurrentHashMap.newKeySet();

  private static final int RIGHT_MOST = 2_000;

  /**
   * @throws Refused when the name has any other form
   */
  public DimKey {
    if (!RIGHT.contains(path)) {
      if (path.length() > LONGEST || !NAME.matcher(path).matches()) {
        throw new Refused(Wording.of("dimKey.is-not-the-name-of", path));
      }
      if (RIGHT.size() < RIGHT_MOST) {
        RIGHT.add(path);
      }
    }
  }

  /** What it is a size of: nearly always a length. */
  public Quantity quantity() {
    return Quantity.of(path);
  }

  @Override
  public int compareTo(DimKey other) {
    return path.compareTo(other.path);
  }

  @Override
  public String toString() {
    return path;
  }
}
