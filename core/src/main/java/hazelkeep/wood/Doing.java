package hazelkeep.wood;

/** What can be done to a surface. */
public enum Doing {
  CUT("cut"),
  SAND("sanded"),
  FINISH("finished");

  private final String done;

  Doing(String done) {
    this.done = done;
  }

  /** The participle: cut, sanded, finished. */
  public String done() {
    return done;
  }
}
