package hazelkeep.piece;

/**
 * A kind with its names.
 *
 * @param <D> its design record
 */
public abstract class NamedKind<D extends Design> implements Kind<D> {
  private final String name;
  private final String title;
  private final Class<D> type;

  /**
   * @param name its stable name in piece files
   * @param title in the trade's words
   * @param type its design record
   */
  protected NamedKind(String name, String title, Class<D> type) {
    this.name = name;
    this.title = title;
    this.type = type;
  }

  @Override
  public final String name() {
    return name;
  }

  @Override
  public final String title() {
    return title;
  }

  @Override
  public final Class<D> type() {
    return type;
  }
}
