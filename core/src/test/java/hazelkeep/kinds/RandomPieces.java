package hazelkeep.kinds;

import hazelkeep.element.Elements;
import hazelkeep.element.Form;
import hazelkeep.fit.FitClass;
import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.cased.Cased;
import hazelkeep.kinds.vessel.BoredVessel;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.Added;
import hazelkeep.piece.Blank;
import hazelkeep.piece.Choice;
import hazelkeep.piece.Closes;
import hazelkeep.piece.Design;
import hazelkeep.piece.Finishing;
import hazelkeep.piece.Kind;
import hazelkeep.piece.Plan;
import hazelkeep.piece.SideHole;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import hazelkeep.wood.Part;
import hazelkeep.wood.Species;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;

/** Designs of every kind as a turner might wish them, at random from a seed. */
public final class RandomPieces {
  private final Random random;

  public RandomPieces(long seed) {
    random = new Random(seed);
  }

  /**
   * A kind with a design of it.
   *
   * @param kind the kind
   * @param design of it
   */
  public record Wished<D extends Design>(Kind<D> kind, D design) {
    /** Planned with a shop. */
    public Plan<D> plan(Shop shop) {
      return Plan.of(kind, design, shop, List.of());
    }

    /** The same design with a size stated, as the screens state it. */
    public Wished<D> with(String key, double mm) {
      return new Wished<>(kind, kind.size(design, new DimKey(key), Optional.of(Size.mm(mm))));
    }

    @Override
    public String toString() {
      return kind.name() + " " + design;
    }
  }

  /** One of each kind in turn, with sizes that go together. */
  public List<Wished<?>> sound(int count) {
    List<Wished<?>> out = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      out.add(sound(Kinds.ALL.get(i % Kinds.ALL.size())));
    }
    return out;
  }

  /** A design of a kind with sizes that go together. */
  public <D extends Design> Wished<D> sound(Kind<D> kind) {
    D design = Restated.with(kind.fresh(), "species", species());
    return new Wished<>(
        kind,
        switch (kind.name()) {
          case "lidded-box", "canister" -> kind.type().cast(box((LiddedBox) design));
          case "straight-well", "dry-stem-vase" -> kind.type().cast(vessel((BoredVessel) design));
          case "needle-case", "hanging-house" -> kind.type().cast(cased((Cased) design));
          case "goblet" -> goblet(kind, design);
          case "ringed-handle" -> handle(kind, design);
          case "fitted-lid" -> lid(kind, design);
          case "lidded-jar" -> jar(kind, design);
          default -> mill(kind, design);
        });
  }

  /** Up to three things put where they fall: what finds no room is told and left out. */
  public static <D extends Design> D adorned(Wished<D> wished, Random r, Shop shop) {
    D out = wished.design;
    List<Part> parts =
        wished.plan(shop).aim().parts().stream()
            .filter(p -> p.surfaces().stream().anyMatch(s -> s.id().name().equals("side")))
            .toList();
    if (parts.isEmpty()) {
      return out;
    }
    List<Elements.Sort> sorts = Elements.all();
    for (int n = r.nextInt(4); n > 0; n--) {
      Elements.Sort sort = sorts.get(r.nextInt(sorts.size()));
      if (sort.key().equals(Added.BLANK) && Added.apart(out.elements())) {
        continue;
      }
      Part part = parts.get(r.nextInt(parts.size()));
      double high = Math.rint(2 * new Form(part).height() * r.nextDouble()) / 2;
      out =
          Elements.with(
              out,
              sort.key(),
              part.name(),
              sort.placed() ? Optional.of(Size.mm(high)) : Optional.empty());
    }
    return out;
  }

  private String species() {
    List<Species> all = Species.LIBRARY;
    return all.get(random.nextInt(all.size())).name();
  }

  /** A number between two, to the half millimetre. */
  public double between(double least, double most) {
    return Math.rint(2 * (least + (most - least) * random.nextDouble())) / 2;
  }

  @SafeVarargs
  private <T> T one(T... of) {
    return of[random.nextInt(of.length)];
  }

  private LiddedBox box(LiddedBox d) {
    LiddedBox b = Restated.with(d, "school", one(LiddedBox.School.values()));
    b = Restated.with(b, "floor", one(LiddedBox.Floor.values()));
    b = Restated.with(b, "share", one(LiddedBox.Share.values()));
    b = Restated.with(b, "fit", one(FitClass.PUSH, FitClass.SUCTION, FitClass.SNUG, FitClass.EASY));
    LiddedBox.Form form =
        one(
            LiddedBox.Form.STRAIGHT,
            LiddedBox.Form.BARREL,
            LiddedBox.Form.TAPER,
            LiddedBox.Form.OGEE);
    b = Restated.with(b, "form", form);
    if (random.nextInt(3) == 0) {
      b = Restated.with(Restated.with(b, "top", LiddedBox.Top.DOME), "roof", LiddedBox.Roof.DOMED);
    }
    // From a squat box for rings to a tall canister; what goes in, or a blank, for one in four.
    double wide = between(35, 150);
    b =
        b.with("outside.diameter", wide)
            .with("outside.height", between(Math.max(30, 0.55 * wide), Math.min(150, 2 * wide)));
    if (random.nextInt(4) == 0) {
      b =
          b.with(
              Optional.of(
                  new LiddedBox.Content(
                      Optional.of(Size.mm(between(Math.max(10, 0.2 * wide), 0.5 * wide))),
                      Optional.empty(),
                      Optional.empty())),
              b.blank());
    } else if (random.nextInt(3) == 0) {
      b = b.with(b.content(), Optional.of(blank(wide)));
    }
    return threaded(b, wide);
  }

  /** One in four that is wide enough closes by a threaded pair, by the same dice. */
  private static LiddedBox threaded(LiddedBox b, double wide) {
    if (wide < 60 || 2 * wide % 4 != 0) {
      return b;
    }
    LiddedBox t = Restated.with(b, "closes", Closes.THREAD);
    return b.school() == LiddedBox.School.LID_OVER ? t : Restated.with(t, "footBy", Finishing.SAW);
  }

  /** Stock with a little to spare in its thickness. */
  private Blank blank(double wide) {
    return new Blank(
        Optional.empty(), Optional.of(Size.mm(wide + between(4, 12))), random.nextBoolean());
  }

  private BoredVessel vessel(BoredVessel d) {
    double bore = between(8, 30);
    BoredVessel v =
        Restated.with(
            d,
            "content",
            Optional.of(
                new BoredVessel.Content(
                    Optional.of(Size.mm(bore)),
                    Optional.of(Size.mm(between(80, 150))),
                    Optional.of(Size.mm(between(15, 40))),
                    random.nextBoolean())));
    return v;
  }

  private Cased cased(Cased d) {
    if (d.form() == Cased.Form.HOUSE) {
      return Restated.with(
          d,
          "holes",
          List.of(
              new SideHole("door", Size.mm(between(36, 42)), 0, Size.mm(between(8, 16))),
              new SideHole("perch", Size.mm(18), 0, Size.mm(4))));
    }
    Cased c = Restated.with(d, "form", one(Cased.Form.CASE, Cased.Form.SPINDLE));
    double wide = between(6, 24);
    // One in four is screwed together, by the same dice.
    c = 2 * wide % 4 == 0 ? Restated.with(c, "closes", Closes.THREAD) : c;
    return Restated.with(
        c,
        "content",
        Optional.of(
            new Cased.Content(
                Optional.of(Size.mm(wide)),
                Optional.of(Size.mm(between(50, 100))),
                random.nextBoolean())));
  }

  private <D extends Design> D handle(Kind<D> kind, D design) {
    int rings = random.nextInt(4);
    D out = Restated.with(design, "rings", rings);
    out = kind.choose(out, "stem", random.nextBoolean() ? "STRAIGHT" : "WAISTED");
    out = kind.choose(out, "ringTool", one("STRAIGHT", "STRAIGHT", "HOOKED"));
    Map<String, Double> mm =
        Map.of(
            "outside.height", 120.0 + 14 * rings + random.nextInt(40),
            "outside.diameter", 44.0 + random.nextInt(8),
            "stem.diameter", 13.0 + random.nextInt(2));
    for (Map.Entry<String, Double> e : mm.entrySet()) {
      out = kind.size(out, new DimKey(e.getKey()), Optional.of(Size.mm(e.getValue())));
    }
    return out;
  }

  private <D extends Design> D jar(Kind<D> kind, D design) {
    D out = kind.choose(design, "fit", one("SNUG", "EASY", "SUCTION"));
    out = kind.choose(out, "form", one("ROUND", "PEAR", "SHOULDERED"));
    double deep = between(60, 100);
    out = 2 * deep % 4 == 0 ? kind.choose(out, "closes", "THREAD") : out;
    Map<String, Double> mm = Map.of("bore.diameter", one(35.0, 40.0), "bore.depth", deep);
    for (Map.Entry<String, Double> e : mm.entrySet()) {
      out = kind.size(out, new DimKey(e.getKey()), Optional.of(Size.mm(e.getValue())));
    }
    return out;
  }

  private <D extends Design> D lid(Kind<D> kind, D design) {
    double mouth = between(45, 110);
    double rim = mouth + between(6, 16);
    D out = kind.choose(design, "fit", one("SNUG", "EASY", "DROP_ON"));
    out = kind.choose(out, "topBy", one("JAM_CUP", "JAM_PLUG"));
    Map<String, Double> mm =
        Map.of(
            "vessel.mouth",
            mouth,
            "vessel.rim",
            rim,
            "vessel.below",
            rim + between(-2, 5),
            "joint.length",
            between(6, 10));
    for (Map.Entry<String, Double> e : mm.entrySet()) {
      out = kind.size(out, new DimKey(e.getKey()), Optional.of(Size.mm(e.getValue())));
    }
    return out;
  }

  private <D extends Design> D goblet(Kind<D> kind, D design) {
    D d = kind.choose(design, "form", one("EGG", "TULIP", "BELL", "CONE"));
    d = kind.choose(d, "stem", one("STRAIGHT", "WAISTED"));
    d = kind.choose(d, "stands", one("SMALLER", "AS_WIDE"));
    boolean ringed = random.nextInt(3) == 0;
    d = Restated.with(d, "rings", ringed ? one(1, 3) : 0);
    double high = ringed ? between(140, 190) : between(110, 170);
    // One in six keeps its foot as it grew, by the same dice: heights are halves or wholes.
    if (!ringed && 2 * high % 4 == 0) {
      d = kind.choose(d, "stands", "ROUGH");
    }
    return kind.size(d, new DimKey("outside.height"), Optional.of(Size.mm(high)));
  }

  private <D extends Design> D mill(Kind<D> kind, D design) {
    double high = between(100, 150);
    D out = kind.size(design, new DimKey("outside.height"), Optional.of(Size.mm(high)));
    // Which half has the tenon follows from the same dice: heights are halves or wholes.
    return high == Math.rint(high) ? out : kind.choose(out, "tenon", "BODY");
  }

  /** Every option of every choice of a design, chosen at random where it can be. */
  public <D extends Design> D otherwise(Kind<D> kind, D design) {
    List<Choice> all = new ArrayList<>(kind.choices(design));
    kind.ends(design).forEach(e -> all.add(e.choice()));
    Choice c = all.get(random.nextInt(all.size()));
    Choice.Option o = c.options().get(random.nextInt(c.options().size()));
    return kind.choose(design, c.name(), o.name());
  }

  /** Whether something was found; what is not judged for want of a figure is no finding. */
  public static boolean judged(Finding f) {
    return !f.code().equals("not-judged");
  }

  /** The names and values of a map of sizes, for messages. */
  public static String told(Map<DimKey, Size> sizes) {
    StringBuilder out = new StringBuilder();
    sizes.forEach((k, s) -> out.append(k).append('=').append(s.mm()).append(' '));
    return out.toString();
  }
}
