package hazelkeep.kinds.box;

import hazelkeep.fit.FitClass;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Wording;
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
                    Wording.of("boxChoices.clean-inside-the-spigot-is")),
                new Option(
                    "LID_IN",
                    Wording.of("boxChoices.lid-it-sits-in-the"),
                    Wording.of("boxChoices.clean-outside-line-the-mouth"))),
            d.school(),
            new DimKey("stick.need"),
            new DimKey("inside.diameter")));
    out.add(
        Choice.of(
            "share",
            "Height of the lid",
            List.of(
                new Option(
                    "THIRDS",
                    "One third",
                    Wording.of("boxChoices.the-common-proportion-body-twice")),
                new Option(
                    "GOLDEN", "Golden section", Wording.of("boxChoices.a-taller-lid-0-382"))),
            d.share(),
            new DimKey("lid.height"),
            new DimKey("body.height")));
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
              new DimKey("joint.clearance")));
    }
    return out;
  }

  private static List<Choice> shape(LiddedBox d) {
    return List.of(
        Choice.of(
            "form",
            "Line of the outside",
            List.of(
                new Option("STRAIGHT", "Straight", Wording.of("any.a-cylinder-shows-the-wood")),
                new Option("BARREL", "Barrel", Wording.of("boxChoices.fullest-at-the-middle")),
                new Option("TAPER", "Taper", "Narrows upwards."),
                new Option("OGEE", "Ogee", Wording.of("boxChoices.an-s-full-low-drawn")),
                new Option(
                    "FREE", "Free points", Wording.of("boxChoices.drag-the-outline-point-by"))),
            d.form()),
        Choice.of(
            "top",
            "Top of the lid",
            List.of(
                new Option("FLAT", "Flat", Wording.of("boxChoices.flat-its-edge-rounded-stacks")),
                new Option("DOME", "Dome", Wording.of("boxChoices.soft-wants-a-higher-lid"))),
            d.top()),
        Choice.of(
            "floor",
            "Floor inside",
            List.of(
                new Option("FLAT", "Flat", Wording.of("boxChoices.most-room-the-corner-fits")),
                new Option("ROUNDED", "Rounded", Wording.of("boxChoices.easy-to-sand-sheds-seed"))),
            d.floor()),
        Choice.of(
            "roof",
            "Inside of the lid",
            List.of(
                new Option("FLAT", "Flat", Wording.of("boxChoices.most-room-under-the-lid")),
                new Option(
                    "DOMED", "Domed", Wording.of("boxChoices.follows-a-dome-even-thickness"))),
            d.roof()),
        Choice.of(
            "hollowing",
            "How the body is hollowed",
            Arrays.stream(Hollowing.values()).map(Hollowing::option).toList(),
            d.hollowing()),
        Choice.of(
            "gives",
            Wording.of("boxChoices.if-the-blank-is-too"),
            List.of(
                new Option(
                    "BOTH", "Body and lid", Wording.of("boxChoices.both-shrink-in-their-share")),
                new Option("BODY", "The body", Wording.of("boxChoices.the-lid-keeps-its-height")),
                new Option("LID", "The lid", Wording.of("boxChoices.the-body-keeps-its-room")),
                new Option(
                    "JOINT", "The spigot", Wording.of("boxChoices.only-the-joint-gets-shorter"))),
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
        new End(
            "top",
            "lid",
            finishing("topBy", Wording.of("boxChoices.how-the-lids-top-is"), d.topBy(), LID)));
    return out;
  }

  private static End start(LiddedBox d) {
    return new End(
        "centres",
        "body",
        Choice.of(
            "startBy",
            Wording.of("boxChoices.how-the-blank-is-first"),
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
