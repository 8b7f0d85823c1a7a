package hazelkeep.wood;

/**
 * A surface of a part.
 *
 * @param part the part's name, {@code lid}
 * @param name the surface's name, {@code recess}
 */
public record SurfaceId(String part, String name) {
  @Override
  public String toString() {
    return part + "." + name;
  }
}
