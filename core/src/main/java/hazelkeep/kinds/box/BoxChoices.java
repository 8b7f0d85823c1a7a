package hazelkeep.kinds.box;

import hazelkeep.fit.FitClass;
import hazelkeep.piece.Added;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Choice.Option;
import hazelkeep.piece.End;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Hollowing;
import hazelkeep.piece.Mounting;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** The decisions that shape a lidded box, each with why one would. */
final class BoxChoices {
  private BoxChoices() {}

  static List<Choice> of(LiddedBox d) {
    List<Choice> out = new ArrayList<>(joint(d));
    out.addAll(shape(d));
    return out;
  }

  private static List<Choice> joint(LiddedBox d) {
    List<Choice> out = new ArrayList<>();
    out.add(
        Choice.of(
            "school",
            "Which half carries the spigot",
            List.of(
                new Option(
                    "LID_OVER",
                    "Body, the lid slips over",
                    "Clean inside; the spigot is fitted last, from outside."),
                new Option(
                    "LID_IN",
                    "Lid, it sits in the mouth",
                    "Clean outside line; the mouth is opened to the spigot.")),
            d.school(),
            "stick.need",
            "inside.diameter"));
    out.add(
        Choice.of(
            "share",
            "Height of the lid",
            List.of(
                new Option("THIRDS", "One third", "The common proportion: body twice the lid."),
                new Option("GOLDEN", "Golden section", "A taller lid, 0.382 of the height.")),
            d.share(),
            "lid.height",
            "body.height"));
    out.add(d.closes().choice());
    if (!d.threaded()) {
      out.add(
          Choice.of(
              "fit",
              "How the lid fits",
              List.of(
                      FitClass.PUSH,
                      FitClass.SUCTION,
                      FitClass.SNUG,
                      FitClass.EASY,
                      FitClass.DROP_ON)
                  .stream()
                  .map(f -> new Option(f.name(), capital(f.word()), capital(f.what()) + "."))
                  .toList(),
              d.fit(),
              "joint.clearance"));
    }
    return out;
  }

  private static List<Choice> shape(LiddedBox d) {
    return List.of(
        Choice.of(
            "form",
            "Line of the outside",
            List.of(
                new Option("STRAIGHT", "Straight", "A cylinder; shows the wood."),
                new Option("BARREL", "Barrel", "Fullest at the middle."),
                new Option("TAPER", "Taper", "Narrows upwards."),
                new Option("OGEE", "Ogee", "An S: full low, drawn in under the lid."),
                new Option("FREE", "Free points", "Drag the outline point by point.")),
            d.form()),
        Choice.of(
            "top",
            "Top of the lid",
            List.of(
                new Option(
                    "FLAT", "Flat", "Flat, its edge rounded: stacks, and keeps the lid thick."),
                new Option("DOME", "Dome", "Soft; wants a higher lid.")),
            d.top()),
        Choice.of(
            "floor",
            "Floor inside",
            List.of(
                new Option("FLAT", "Flat", "Most room; the corner fits a round nose."),
                new Option("ROUNDED", "Rounded", "Easy to sand, sheds seed and salt.")),
            d.floor()),
        Choice.of(
            "roof",
            "Inside of the lid",
            List.of(
                new Option("FLAT", "Flat", "Most room under the lid."),
                new Option("DOMED", "Domed", "Follows a dome; even thickness.")),
            d.roof()),
        Choice.of(
            "hollowing",
            "How the body is hollowed",
            Arrays.stream(Hollowing.values()).map(Hollowing::option).toList(),
            d.hollowing()),
        Choice.of(
            "gives",
            "If the blank is too short, shorten",
            List.of(
                new Option("BOTH", "Body and lid", "Both shrink, in their share."),
                new Option("BODY", "The body", "The lid keeps its height."),
                new Option("LID", "The lid", "The body keeps its room."),
                new Option("JOINT", "The spigot", "Only the joint gets shorter.")),
            d.gives()));
  }

  /** The ends and how they can be finished; two blanks each begin between centres. */
  static List<End> ends(LiddedBox d) {
    List<End> out = new ArrayList<>();
    if (!Added.apart(d.elements())) {
      out.add(start(d));
    }
    out.add(
        new End(
            "foot", "body", finishing("footBy", "How the foot is finished", d.footBy(), EVERY)));
    out.add(
        new End("top", "lid", finishing("topBy", "How the lid's top is finished", d.topBy(), LID)));
    return out;
  }

  private static End start(LiddedBox d) {
    return new End(
        "centres",
        "body",
        Choice.of(
            "startBy",
            "How the blank is first held",
            Arrays.stream(Mounting.values()).map(Mounting::option).toList(),
            d.startBy()));
  }

  private static final List<Finishing> EVERY =
      List.of(
          Finishing.JAM_PLUG,
          Finishing.JAM_CUP,
          Finishing.ON_PARTNER,
          Finishing.MANDREL,
          Finishing.EXPAND,
          Finishing.AROUND,
          Finishing.RECESS,
          Finishing.PRESSED,
          Finishing.SAW);

  private static final List<Finishing> LID =
      List.of(
          Finishing.ON_PARTNER,
          Finishing.JAM_PLUG,
          Finishing.JAM_CUP,
          Finishing.MANDREL,
          Finishing.EXPAND,
          Finishing.AROUND,
          Finishing.PRESSED,
          Finishing.SAW);

  private static Choice finishing(
      String name, String label, Finishing chosen, List<Finishing> ways) {
    return Choice.of(name, label, ways.stream().map(Finishing::option).toList(), chosen);
  }

  private static String capital(String s) {
    return Character.toUpperCase(s.charAt(0)) + s.substring(1);
  }
}
