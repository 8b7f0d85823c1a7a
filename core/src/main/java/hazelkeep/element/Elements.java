package hazelkeep.element;

import hazelkeep.measure.DimKey;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.measure.Wording;
import hazelkeep.piece.Added;
import hazelkeep.piece.Design;
import hazelkeep.piece.Outcome;
import hazelkeep.route.Aim;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/** What can be added to a piece. */
public final class Elements {
  /** More than so many on a piece are none that anybody turns. */
  private static final int MOST = 24;

  private Elements() {}

  /**
   * The element that something added is.
   *
   * @throws Refused when nothing of that name can be added
   */
  public static AddedElement of(Added added) {
    return Shape.named(added.what())
        .<AddedElement>map(s -> new Ornament(added, s))
        .or(() -> InlayPlace.named(added.what()).map(s -> new Inlay(added, s)))
        .or(() -> KnobShape.named(added.what()).map(s -> new Knob(added, s)))
        .or(() -> Finial.named(added.what()).map(s -> new Finial(added, s)))
        .or(
            () ->
                Optional.of(added)
                    .filter(a -> a.what().equals(OutlinePoint.POINT))
                    .map(OutlinePoint::new))
        .or(() -> Optional.of(added).filter(a -> a.what().equals(SideBore.HOLE)).map(SideBore::new))
        .or(() -> Optional.of(added).filter(a -> a.what().equals(Seam.SEAM)).map(Seam::new))
        .or(
            () ->
                Optional.of(added)
                    .filter(a -> a.what().equals(GluedStrip.STRIP))
                    .map(GluedStrip::new))
        .or(() -> Optional.of(added).filter(a -> a.what().equals(Added.BLANK)).map(OwnBlank::new))
        .or(() -> Outcome.named(added.what()).map(o -> new ComesTo(added, o)))
        .orElseThrow(
            () ->
                new Refused(
                    Wording.of(
                        "elements.cant-be-added-what-can",
                        added.what(),
                        all().stream().map(Sort::key).collect(Collectors.joining(", ")))));
  }

  /**
   * A sort of thing that can be added.
   *
   * @param key its name in piece files
   * @param word its word in the trade
   * @param placed whether it is put at a height; a knob stands on the top
   */
  public record Sort(String key, String word, boolean placed) {}

  /** Everything that can be added. */
  public static List<Sort> all() {
    List<Sort> out = new ArrayList<>();
    for (Shape s : Shape.values()) {
      out.add(new Sort(s.key(), s.word(), true));
    }
    out.add(new Sort(OutlinePoint.POINT, Wording.of("elements.point-that-the-outside-goes"), true));
    out.add(new Sort(SideBore.HOLE, SideBore.HOLE, true));
    for (InlayPlace s : InlayPlace.values()) {
      out.add(new Sort(s.key(), s.word(), s == InlayPlace.RING));
    }
    for (KnobShape s : KnobShape.values()) {
      out.add(new Sort(s.key(), s.word(), false));
    }
    for (KnobShape s : KnobShape.values()) {
      out.add(new Sort(Finial.key(s), s.own() + ", from an offcut", false));
    }
    out.add(new Sort(Seam.SEAM, "seam, another wood above it", true));
    out.add(new Sort(GluedStrip.STRIP, Wording.of("elements.strip-of-another-wood-along"), false));
    out.add(new Sort(Added.BLANK, Wording.of("elements.blank-of-its-own-for"), false));
    return out;
  }

  /** The elements of a design, in the order in which they were added. */
  public static List<AddedElement> of(Design design) {
    return design.elements().stream().map(Elements::of).toList();
  }

  /**
   * A design with something more on it.
   *
   * @param height where it is put, mm over the low end of its part's outside; how tall a knob is
   * @throws Refused when there are too many, nothing of that name can be added, it is put at no
   *     height, or there is one of what there can be but one
   */
  public static <D extends Design> D with(D design, String what, String part, Size height) {
    return with(design, what, part, Optional.of(height));
  }

  /** The same with its height left to the rules. */
  public static <D extends Design> D with(
      D design, String what, String part, Optional<Size> height) {
    if (design.elements().size() >= MOST) {
      throw new Refused(Wording.of("elements.a-piece-has-at-most", MOST));
    }
    int no =
        1
            + design.elements().stream()
                .filter(a -> a.what().equals(what))
                .mapToInt(Added::no)
                .max()
                .orElse(0);
    if (what.equals(Added.BLANK) && Added.apart(design.elements())) {
      throw new Refused(Wording.of("elements.the-upper-half-has-a"));
    }
    Added added = new Added(what, no, part);
    if (height.isPresent() && !of(added).owns(added.size("height"))) {
      throw new Refused(Wording.of("elements.a-is-put-at-no", of(added).word()));
    }
    List<Added> all = new ArrayList<>(design.elements());
    all.add(added);
    Map<DimKey, Size> sizes = new TreeMap<>(design.sizes());
    height.ifPresent(h -> sizes.put(added.size("height"), h));
    return Restated.with(Restated.with(design, "elements", all), "sizes", sizes);
  }

  /**
   * A design of which something is asked: how much it shall hold, weigh, lean.
   *
   * @param part that it is asked of
   * @param amount in the outcome's own unit; empty to ask it no more
   */
  public static <D extends Design> D asking(
      D design, Outcome outcome, String part, Optional<Size> amount) {
    Added asked = outcome.in(design).orElseGet(() -> outcome.asked(part));
    if (amount.isEmpty()) {
      return without(design, asked.id());
    }
    D out =
        outcome.in(design).isPresent()
            ? design
            : with(design, outcome.key(), part, Optional.empty());
    Map<DimKey, Size> sizes = new TreeMap<>(out.sizes());
    sizes.put(outcome.amount(asked), amount.get());
    return Restated.with(out, "sizes", sizes);
  }

  /**
   * The same on a piece as it is drawn: what it is there before it is put is stated with it.
   *
   * @param aim the piece without it
   */
  public static <D extends Design> D with(
      D design, Aim aim, String what, String part, Size height) {
    D out = with(design, what, part, height);
    if (!aim.has(part)) {
      return out;
    }
    List<Added> all = out.elements();
    Map<DimKey, Size> sizes = new TreeMap<>(out.sizes());
    of(all.get(all.size() - 1))
        .seen(new Form(aim.part(part)), height.mm())
        .forEach((k, mm) -> sizes.put(k, Size.mm(mm)));
    return Restated.with(out, "sizes", sizes);
  }

  /**
   * A design in which something that has a wood of its own is of some wood.
   *
   * @param wood its common name; empty for the piece's own
   * @throws Refused when nothing of that name has a wood of its own
   */
  public static <D extends Design> D of(D design, String id, String wood) {
    if (of(design).stream().noneMatch(e -> e.added().id().equals(id) && e.wooded())) {
      throw new Refused(Wording.of("elements.nothing-with-a-wood-of", id));
    }
    Optional<String> named = Optional.of(wood.strip()).filter(w -> !w.isEmpty());
    List<Added> all =
        design.elements().stream().map(a -> a.id().equals(id) ? a.of(named) : a).toList();
    return Restated.with(design, "elements", all);
  }

  /**
   * A design in which the upper half's own blank is square or round.
   *
   * @param square empty for as the piece's blank is
   * @throws Refused when it has no blank of its own
   */
  public static <D extends Design> D sawn(D design, Optional<Boolean> square) {
    Added upper =
        Added.upper(design.elements())
            .orElseThrow(() -> new Refused(Wording.of("elements.no-second-blank")));
    List<Added> all = design.elements().stream().map(a -> a == upper ? a.sawn(square) : a).toList();
    return Restated.with(design, "elements", all);
  }

  /** A design without something that was added, and without its sizes. */
  public static <D extends Design> D without(D design, String id) {
    List<Added> rest = design.elements().stream().filter(a -> !a.id().equals(id)).toList();
    Map<DimKey, Size> sizes = new TreeMap<>(design.sizes());
    of(design).stream()
        .filter(e -> e.added().id().equals(id))
        .forEach(e -> sizes.keySet().removeIf(e::owns));
    return Restated.with(Restated.with(design, "elements", rest), "sizes", sizes);
  }
}
