package hazelkeep.shop;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import java.util.Optional;

/**
 * A jam chuck or mandrel that was kept.
 *
 * @param name as the turner calls it
 * @param form what it looks like
 * @param diameter of the plug at its root, or of the recess at its mouth, mm
 * @param length of the plug, or depth of the recess, mm
 * @param face diameter of the face round the plug, or outside of the recess, mm
 * @param wood its species, may be empty
 */
public record KeptChuck(
    String name, Form form, double diameter, double length, double face, String wood) {
  /** What a kept chuck looks like. */
  public enum Form {
    PLUG("plug for a mouth"),
    CUP("cup over a spigot");

    private final String words;

    Form(String words) {
      this.words = words;
    }

    /** In the trade's words. */
    public String words() {
      return words;
    }
  }

  /**
   * @throws Refused when a jam chuck can't be so, saying what would be accepted
   */
  public KeptChuck {
    name = Checks.name(name);
    wood = Optional.ofNullable(wood).map(String::strip).orElse("");
    Checks.mm("The chuck's diameter", diameter, 3, 400);
    Checks.mm("The chuck's length", length, 2, 300);
    Checks.mm("The chuck's face", face, 3, 450);
    if (face < diameter + 2) {
      throw new Refused(
          form == Form.CUP
              ? Wording.of("keptChuck.a-cup-with-no-wall")
              : Wording.of("keptChuck.a-plug-needs-a-face"));
    }
  }

  /** The diameter that is left after it was trued again, mm. */
  public KeptChuck turnedTo(double mm) {
    return new KeptChuck(name, form, mm, length, face, wood);
  }
}
