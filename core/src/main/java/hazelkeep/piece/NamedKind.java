package hazelkeep.piece;

/**
 * A kind with its names.
 *
 * @param <D> its design record
 */
public abstract class NamedKind<D extends Design> implements Kind<D> {
  private final String name;
  private final String title;
  private final D fresh;

  /**
   * @param name its stable name in piece files
   * @param title in the trade's words
   * @param fresh a design with nothing stated
   */
  protected NamedKind(String name, String title, D fresh) {
    this.name = name;
    this.title = title;
    this.fresh = fresh;
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
  public final D fresh() {
    return fresh;
  }

  @Override
  @SuppressWarnings("unchecked")
  public final Class<D> type() {
    return (Class<D>) fresh.getClass();
  }
}
