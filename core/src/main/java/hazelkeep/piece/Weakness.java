package hazelkeep.piece;

import hazelkeep.measure.Grade;
import hazelkeep.measure.Verdict;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.solid.Point;
import hazelkeep.wood.Part;
import java.util.List;
import java.util.Optional;

/**
 * Something that was found in the wood and takes none of it: it only weakens it where it is.
 *
 * @param as what was found
 * @param reaches how far from the axis it begins, mm, or how far from the part's plane a chipped
 *     rim is sound again; not a number where nobody knows
 * @param plane where the part's plane lay then, in the blank's z
 */
public record Weakness(AsFound as, double reaches, double plane) {
  /** A hole so far off the middle, mm, shows and thins a wall. */
  private static final double OFF = 0.5;

  /**
   * What is told of it as the piece is planned now; nothing once it is turned away.
   *
   * @param now where the part's plane lies now, in the blank's z
   */
  Optional<Finding> told(Aim aim, double now) {
    Part part = aim.part(as.part());
    String name = as.part();
    double place = new Gone(part).datum() + as.at();
    return switch (as.what()) {
      case RIM -> rim(part, now);
      case CRACK -> {
        boolean away = reaches >= part.target().outer(place);
        yield away
            ? Optional.empty()
            : tell(
                "cracked",
                Grade.WATCH,
                as.to() - as.at(),
                "A crack in the " + name + words(),
                "It opens under jaws, under a jam and in a dry year.",
                new Point(place, part.target().outer(place)),
                "Run thin glue into it, or turn it away; never press on it.");
      }
      case FLAW -> {
        boolean away = reaches >= part.target().outer(place);
        yield away
            ? Optional.empty()
            : tell(
                "flawed",
                Grade.WATCH,
                as.value(),
                "A flaw stays in the " + name + words(),
                "It lies deeper than the finished outside.",
                new Point(place, part.target().outer(place)),
                "Fill it, or turn it off all round.");
      }
      case OFF ->
          as.value() <= OFF
              ? Optional.empty()
              : tell(
                  "off-centre",
                  Grade.WATCH,
                  as.value(),
                  "The bore of the " + name + " is off its middle",
                  "On one side the wall is thinner by so much.",
                  null,
                  "Open the bore until it runs true, or leave more wood outside.");
      case DROPPED ->
          tell(
              "dropped",
              Grade.NOTE,
              0,
              "The " + name + " was dropped",
              "A crack along the grain may not show yet.",
              null,
              "Flex it by hand and look along the grain before it turns again.");
      default -> Optional.empty();
    };
  }

  private Optional<Finding> rim(Part part, double now) {
    Gone gone = new Gone(part);
    double sound = now + reaches;
    boolean away = gone.opensUp() ? gone.mouth() <= sound + 1e-6 : gone.mouth() >= sound - 1e-6;
    return away
        ? Optional.empty()
        : tell(
            "rim-chipped",
            Grade.WATCH,
            as.value(),
            "The " + as.part() + "'s rim is chipped" + words(),
            "It is seen, and the mate closes on it.",
            new Point(gone.mouth(), part.target().outer(gone.mouth())),
            "Cut the rim back to sound wood, or fill it.");
  }

  private String words() {
    return as.degrees() == 0 ? "" : ", " + as.degrees() + " degrees from the grain mark";
  }

  private Optional<Finding> tell(
      String code, Grade grade, double found, String title, String why, Point at, String advice) {
    return Optional.of(
        new Finding(
            new Verdict(code, grade, found, 0, "mm deep", title, why),
            Optional.empty(),
            as.part(),
            as.what().name() + " " + Math.round(as.at()) + " " + as.degrees(),
            Optional.ofNullable(at),
            advice,
            List.of()));
  }
}
