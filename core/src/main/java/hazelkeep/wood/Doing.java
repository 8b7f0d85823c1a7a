package hazelkeep.wood;

/** What can be done to a surface. */
public enum Doing {
  CUT("cut"),
  SAND("sanded"),
  FINISH("finished"),
  /** Brought up to what is glued to it, with what a finish is put on with. */
  GLUE("glued");

  private final String done;

  Doing(String done) {
    this.done = done;
  }

  /** What a tool has to be able to do for it: glue is brought up as a finish is. */
  public Doing by() {
    return this == GLUE ? FINISH : this;
  }

  /** The participle: cut, sanded, finished. */
  public String done() {
    return done;
  }
}
