package hazelkeep.element;

import hazelkeep.finding.Entry;
import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Grade;
import hazelkeep.measure.Wording;
import hazelkeep.piece.BadDesign;
import hazelkeep.piece.Design;
import hazelkeep.piece.SideHoles;
import hazelkeep.piece.Told;
import hazelkeep.route.Acts;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Joint;
import hazelkeep.route.Route;
import hazelkeep.route.Step;
import hazelkeep.shop.Shop;
import hazelkeep.solid.Point;
import hazelkeep.wood.Body;
import hazelkeep.wood.Layer;
import hazelkeep.wood.Part;
import hazelkeep.wood.Species;
import hazelkeep.wood.Strip;
import hazelkeep.wood.Surface;
import hazelkeep.wood.SurfaceId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/**
 * What was added and where, on the parts as their kind drew them.
 *
 * @param plain what is to be made without it
 * @param aim what is to be made with it
 * @param forms the parts of the plain piece, bent, by their names
 * @param elements what was added, in that order
 */
record Drawn(Aim plain, Aim aim, Map<String, Form> forms, List<AddedElement> elements) {
  /**
   * Puts it together.
   *
   * @param title what the kind is called
   * @throws BadDesign when something is on a part that there is not
   */
  static Drawn of(String title, Aim bare, Design design, Map<DimKey, Dim> dims, Shop shop) {
    List<AddedElement> elements = Elements.of(design);
    AddedElement.Sizes sizes = AddedElement.Sizes.of(dims, shop);
    Map<String, Form> forms = new LinkedHashMap<>();
    bare.made().forEach(p -> forms.put(p.name(), new Form(p)));
    for (AddedElement e : elements) {
      if (!forms.containsKey(e.added().part())) {
        throw noPart(e, title, forms);
      }
      e.shape(forms.get(e.added().part()), sizes);
    }
    List<Part> parts = new ArrayList<>(forms.values().stream().map(Form::part).toList());
    bare.parts().stream().filter(p -> bare.given(p.name())).forEach(parts::add);
    Aim plain = glued(bare, elements, forms, sizes);
    List<Body> blanks = new ArrayList<>(plain.blanks());
    List<Joint> joints = new ArrayList<>(bare.joints());
    for (AddedElement e : elements) {
      e.own(forms.get(e.added().part()), sizes, design)
          .ifPresent(
              own -> {
                parts.add(own.part());
                blanks.add(own.blank());
                joints.add(own.joint());
              });
    }
    Aim aim = new Aim(blanks, parts, joints, dims, shop.practice());
    return new Drawn(plain, aim, forms, elements);
  }

  /**
   * The plain piece in the blank that it is really of: what its kind judges reads the woods too.
   */
  private static Aim glued(
      Aim bare, List<AddedElement> elements, Map<String, Form> forms, AddedElement.Sizes sizes) {
    List<Layer> layers =
        apart(
            bare.blank().wood(),
            elements.stream()
                .flatMap(e -> e.layer(forms.get(e.added().part()), sizes, bare).stream())
                .sorted(Comparator.comparingDouble(Layer::from))
                .toList());
    List<Strip> strips = elements.stream().flatMap(e -> e.strip(sizes).stream()).toList();
    if (layers.isEmpty() && strips.isEmpty()) {
      return bare;
    }
    List<Body> blanks = new ArrayList<>(bare.blanks());
    blanks.set(0, bare.blank().glued(layers).striped(strips));
    return new Aim(blanks, bare.parts(), bare.joints(), bare.dims(), bare.practice());
  }

  /** A wood over itself is no layer. */
  private static List<Layer> apart(Species lowest, List<Layer> upwards) {
    List<Layer> out = new ArrayList<>();
    Species below = lowest;
    for (Layer l : upwards) {
      if (!l.wood().equals(below)) {
        out.add(l);
        below = l.wood();
      }
    }
    return out;
  }

  private static BadDesign noPart(AddedElement e, String title, Map<String, Form> forms) {
    return new BadDesign(
        e.added().size("height"),
        Wording.of(
            "drawn.there-is-no-part-for",
            e.added().part(),
            e.label(),
            title,
            String.join(", ", forms.keySet())));
  }

  /** The part that an element is on. */
  Form form(AddedElement e) {
    return forms.get(e.added().part());
  }

  /**
   * The steps of what was added hung into a route.
   *
   * @param route of the plain piece
   */
  Route hung(Route route, Design design, Shop shop) {
    Acts acts = new Acts(aim, design.grit(), design.finish());
    Route out = route;
    for (Form f : forms.values()) {
      out = Order.sparing(out, f.rough());
    }
    for (AddedElement e : elements) {
      out = Order.first(out, e.added().part(), setup -> e.first(form(e), setup, aim, shop));
    }
    for (AddedElement e : elements) {
      out = hung(out, e, acts, shop);
    }
    return out;
  }

  private Route hung(Route route, AddedElement e, Acts acts, Shop shop) {
    Form form = form(e);
    String part = e.added().part();
    Optional<String> where = form.on(e.added().id());
    if (e.onBench()) {
      return Order.bench(route, part, setup -> e.work(form, setup, aim, shop));
    }
    if (where.isEmpty()) {
      return route;
    }
    Surface on = form.plain().surface(where.get());
    Function<String, List<Step>> work = setup -> e.work(form, setup, aim, shop);
    Route out = Order.after(route, on, work);
    if (!e.sanded("any").isEmpty()) {
      out = Order.sanded(out, on, e::sanded);
    }
    out = Order.own(out, e.setups(form, aim, shop, acts));
    return e.last("bench", aim).isEmpty()
        ? out
        : Order.bench(out, part, setup -> e.last(setup, aim));
  }

  /** What each of them tells. */
  void check(Told told) {
    elements.forEach(e -> e.check(form(e), aim, told));
  }

  /** Whether an element is the one that tells a finding. */
  boolean tells(AddedElement e, Finding finding) {
    Told told = new Told();
    e.check(form(e), aim, told);
    return told.done().stream()
        .anyMatch(f -> f.part().equals(finding.part()) && f.verdict().equals(finding.verdict()));
  }

  /** Holes that come too near to one another; each alone is judged by itself. */
  void close(Told told) {
    aim.made().stream()
        .filter(p -> p.holes().size() > 1)
        .flatMap(p -> new SideHoles(p, p.holes()).judge(aim.practice()).stream())
        .filter(f -> f.verdict().entry() == Entry.HOLES_CLOSE)
        .filter(f -> told.done().stream().noneMatch(t -> t.verdict().equals(f.verdict())))
        .forEach(f -> told.all(List.of(f)));
  }

  /**
   * What stands on a top, or lies in it, that no hold finishes on the lathe can't be turned.
   *
   * @param route of the plain piece
   */
  void byHand(Route route, Told told) {
    for (AddedElement e : elements) {
      Form form = form(e);
      String part = e.added().part();
      Optional<Form.Top> top =
          form.top().filter(t -> form.on(e.added().id()).filter(t.surface()::equals).isPresent());
      if (top.isPresent() && !Order.bares(route, new SurfaceId(part, top.get().surface()))) {
        Point at = new Point(top.get().z(), 0);
        told.found(Entry.KNOB_BY_HAND.told(Grade.STOP, e.label(), part), part, at);
      }
    }
  }
}
