package hazelkeep.route;

import hazelkeep.hold.Hold;
import java.util.Map;

/** What to do about a finding, in the words of a colleague. One line for each code. */
final class Advice {
  private static final Map<String, String> BY_CODE =
      Map.ofEntries(
          Map.entry(
              "tenon-gone", "Keep the tenon until its last hold is over, or hold it another way."),
          Map.entry("tenon-range", "Turn the tenon to the true circle of a jaw set you have."),
          Map.entry("tenon-long", "Shorten the tenon, so that a gap stays behind it."),
          Map.entry(
              "shoulder-unseated",
              "Leave more diameter round the tenon, or turn the tenon smaller."),
          Map.entry("free-length", "Keep the tailstock up, or make the piece shorter."),
          Map.entry("lever", "Take light cuts, keep the tailstock up, or turn a thicker tenon."),
          Map.entry(
              "does-not-close",
              "Cut the recess deeper or the spigot shorter until the rim meets its shoulder."),
          Map.entry("jam-bottoms", "Shorten the plug of the jam chuck."),
          Map.entry("jam-loose", "Turn a fresh jam chuck; a layer of damp paper takes up a hair."),
          Map.entry("jam-eased", "Ease the fit only after the last step that the jam drives."),
          Map.entry("expand-range", "Turn the opening to a size that a jaw set opens in."),
          Map.entry("expand-wall", "Leave more wood round the opening, or hold it another way."),
          Map.entry("recess-shallow", "Cut it 3 to 6 mm deep."),
          Map.entry("seat-gone", "Keep what this hold grips until the hold is over."),
          Map.entry("seat-leans", "Grip where the outside is parallel, or use a jam chuck."),
          Map.entry("marks", "Put tape or card round it, or leave a little to turn away."),
          Map.entry(
              "hold-weak",
              "Bring the tailstock up, press with lighter cuts, or hold it otherwise."),
          Map.entry(
              "splits", "Turn the jam a little smaller, from a softer wood, or leave more wall."),
          Map.entry("screw-no-tail", "Keep the tailstock up."),
          Map.entry("pressed-no-tail", "Keep the tailstock up, or hold it otherwise."),
          Map.entry("steady-range", "Set the steady where the work has a diameter that it takes."),
          Map.entry("steady-unround", "Turn a parallel band for the steady first."),
          Map.entry("no-centre", "Bore the larger, shallower hole first, or take a twist bit."),
          Map.entry("sanded-early", "Bore first, blow the chips out, then sand."),
          Map.entry(
              "tail-taken", "Bore before the centre is brought up, in a hold that stands without."),
          Map.entry("bore-turns", "Bore while the tenon is in the jaws."),
          Map.entry(
              "shakes", "Bring the tailstock up, set a steady, or leave it thicker until later."),
          Map.entry("critical-speed", "Turn slower than the limit, or support the far end."),
          Map.entry("breaks", "Leave it thicker until the last cuts, and support both sides."),
          Map.entry(
              "not-judged",
              "Enter the figure with the wood, or take an estimate from its density there."),
          Map.entry("not-held", "Do this step in a setup that holds the part."),
          Map.entry("part-gone", "Turn a new part for it, or leave these steps out."),
          Map.entry(
              "nothing-removed", "Leave the step out, or put it before the cut that did its work."),
          Map.entry(
              "comes-loose",
              "Put the cut after the part is held, or hold the piece that comes off."),
          Map.entry("hangs", "Stop here and finish by hand with the lathe off."),
          Map.entry("web-left", "Part right through, or saw the last of it with the lathe off."),
          Map.entry(
              "parts-into-hollow", "Part before hollowing: a ring can't carry the cut and tears."),
          Map.entry("before-cut", "Cut the surface first, then treat it."),
          Map.entry("hidden", "Move the step to a hold that reaches the surface."),
          Map.entry("dimple", "Leave more waste at that end, or use a padded centre."),
          Map.entry(
              "parts-between-centres",
              "Leave a neck and saw it with the lathe off, or part it in the jaws."),
          Map.entry(
              "drawbar",
              "Keep a hand on the chuck as you wind back, clear the chips often; or fit a drawbar."),
          Map.entry("tail-splits", "Leave more wood at the end, or take a light centre or a pad."),
          Map.entry("shaped-early", "Bore first, then turn the outside round the bore."),
          Map.entry("fit-sanded", "Leave a fit as it was cut; burnish it if you must."),
          Map.entry("fit-finished", "Keep the finish off the fit, or wax it at the most."),
          Map.entry("fit-early", "Hollow first, then bring the fit to size."),
          Map.entry(
              "recess-too-big",
              "Glue film or a collar in the recess, a smaller joint, or a new lid."),
          Map.entry("jam-hard", "Take the spigot down a little more before pressing it on."),
          Map.entry("fit-loose", "Take the next looser class, or put a film on the recess."),
          Map.entry("fit-tight", "Ease it by one more light cut, then try again."),
          Map.entry("wood-left", "A step that takes this wood off is missing or comes too early."),
          Map.entry(
              "wood-missing",
              "A cut goes too deep here; make the part fit the wood or start anew."));

  private Advice() {}

  static String of(String code) {
    return BY_CODE.getOrDefault(code, "");
  }

  /** The same where the far end is carried already: nobody is told to bring the tailstock up. */
  static String of(String code, Hold hold) {
    boolean carried = hold.supported() || hold.steady().isPresent();
    return carried ? CARRIED.getOrDefault(code, of(code)) : of(code);
  }

  private static final Map<String, String> CARRIED =
      Map.of(
          "hold-weak", "Press with lighter cuts, or hold it otherwise.",
          "shakes", "Leave it thicker until later, or set a steady where it bends.",
          "critical-speed", "Turn slower than the limit.");
}
