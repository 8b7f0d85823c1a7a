package hazelkeep.measure;

import java.util.regex.Pattern;

/**
 * The name of a dimension: lower-case words joined by dots, {@code recess.diameter}.
 *
 * @param path the name
 */
public record DimKey(String path) implements Comparable<DimKey> {
  private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9-]*(\\.[a-z][a-z0-9-]*){0,3}");
  private static final int LONGEST = 60;

  /**
   * @throws IllegalArgumentException when the name has any other form
   */
  public DimKey {
    if (path.length() > LONGEST || !NAME.matcher(path).matches()) {
      throw new IllegalArgumentException(
          "“" + path + "” is not the name of a dimension; one looks like recess.diameter");
    }
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
