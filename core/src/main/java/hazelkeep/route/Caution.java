package hazelkeep.route;

import hazelkeep.hold.Grip;
import hazelkeep.hold.JamChuck;
import hazelkeep.hold.JamOn;
import hazelkeep.hold.Pressed;
import hazelkeep.hold.ScrewedOn;
import hazelkeep.measure.Phrases;
import hazelkeep.shop.Speeds;
import java.util.Locale;

/**
 * What to watch in a step: one caution, the one that belongs to it (common practice). Their words
 * stand together in {@code cautions.properties}.
 */
public enum Caution {
  MOUNTED,
  BY_HAND,
  PARTING,
  BORING,
  SANDING,
  FINISH,
  GLUE,
  FIT,
  JAM,
  SCREWED,
  HOLLOW,
  TURNING;

  private static final Phrases WORDS = new Phrases(Caution.class, "cautions.properties");

  /** The caution in words. */
  public String words() {
    return WORDS.of(name().toLowerCase(Locale.ROOT));
  }

  /**
   * The one that belongs to a step: what a new hold asks first, then what is done.
   *
   * @param stage the step
   * @param whole the whole route, with what is done already
   */
  public static Caution of(Stage stage, Route whole) {
    Step step = stage.step();
    boolean lathe = stage.setup().hold().onLathe();
    if (lathe && whole.setups().stream().anyMatch(s -> begins(s, step))) {
      return MOUNTED;
    }
    if (stage.parts()) {
      return PARTING;
    }
    if (step.at() == Speeds.At.BORING || step.bit().isPresent()) {
      return BORING;
    }
    return done(stage, lathe);
  }

  private static boolean begins(Setup setup, Step step) {
    return !setup.steps().isEmpty() && setup.steps().get(0).key().equals(step.key());
  }

  private static Caution done(Stage stage, boolean lathe) {
    if (lathe && stage.setup().hold().grip() instanceof ScrewedOn) {
      return SCREWED;
    }
    boolean cuts = has(stage, Act.Remove.class);
    if (has(stage, Act.Try.class)) {
      return FIT;
    }
    if (has(stage, Act.LetIn.class) || has(stage, Act.Glue.class)) {
      return GLUE;
    }
    if (!cuts && has(stage, Act.Sand.class)) {
      return SANDING;
    }
    if (!cuts && has(stage, Act.Coat.class)) {
      return FINISH;
    }
    return !lathe ? BY_HAND : turned(stage);
  }

  private static Caution turned(Stage stage) {
    Grip grip = stage.setup().hold().grip();
    if (grip instanceof JamChuck || grip instanceof JamOn || grip instanceof Pressed) {
      return JAM;
    }
    boolean inside =
        stage.step().acts().stream()
            .anyMatch(
                a ->
                    a instanceof Act.Remove r
                        && r.bares().stream().anyMatch(id -> stage.aim().surface(id).inside()));
    return inside ? HOLLOW : TURNING;
  }

  private static boolean has(Stage stage, Class<? extends Act> what) {
    return stage.step().acts().stream().anyMatch(what::isInstance);
  }
}
