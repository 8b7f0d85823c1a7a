package hazelkeep.element;

import hazelkeep.measure.Dim;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.Added;
import hazelkeep.piece.Design;
import hazelkeep.piece.Dimensions;
import hazelkeep.piece.Dims;
import hazelkeep.piece.Grip;
import hazelkeep.piece.Handle;
import hazelkeep.piece.Rule;
import hazelkeep.piece.Told;
import hazelkeep.piece.Tries;
import hazelkeep.practice.Line;
import hazelkeep.route.Acts;
import hazelkeep.route.Aim;
import hazelkeep.route.Finding;
import hazelkeep.route.Joint;
import hazelkeep.route.Setup;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.wood.Body;
import hazelkeep.wood.Layer;
import hazelkeep.wood.Part;
import hazelkeep.wood.Strip;
import hazelkeep.wood.SurfaceId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * One thing of wood on a part, that owns all that is known about it: its sizes, its stretch of the
 * outline, its step, where its sizes lie, what would go wrong with it. It asks the {@link Form} for
 * what is there and never for another element's sizes.
 */
public abstract class AddedElement {
  final Added added;
  private final String word;

  AddedElement(Added added, String word) {
    this.added = added;
    this.word = word;
  }

  /** What was added where. */
  public final Added added() {
    return added;
  }

  /** What it is in the trade's word: line. */
  public final String word() {
    return word;
  }

  /** Its name among others of its sort: line 1. */
  public String label() {
    return word() + " " + added().no();
  }

  /** Which it is and where. */
  public String where() {
    return label() + " on the " + added().part();
  }

  /** The name of its step in a setup. */
  public StepKey step(String setup) {
    return new StepKey(setup + "/" + added().what() + " " + added().no());
  }

  /** Whether it is made on the bench once all turning is done, and leaves the outline as it is. */
  public boolean onBench() {
    return false;
  }

  /** How its sizes follow. */
  public abstract List<SizeRule> sizes();

  /**
   * The rule of its height over the low end of its part.
   *
   * @param least that makes sense, mm
   * @param most that makes sense, mm
   */
  public SizeRule height(double least, double most) {
    return new SizeRule(
        added().size("height"),
        "Height of " + label(),
        least,
        most,
        d -> Rule.Value.practice(d.custom(Line.DETAIL_HEIGHT), "until it is put elsewhere"));
  }

  /**
   * What one of its sizes is at most by what it stands on, where nobody stated it, mm; empty where
   * it has room for any.
   *
   * @param form its part as its kind draws it
   */
  public OptionalDouble roomiest(DimKey size, Form form, Sizes sizes) {
    return OptionalDouble.empty();
  }

  /** The sizes that hang so on what it stands on. */
  public Set<DimKey> stands() {
    return Set.of();
  }

  /** Whether a size is one of its own. */
  public boolean owns(DimKey key) {
    return sizes().stream().anyMatch(r -> r.key().equals(key));
  }

  /** The size by which it needs more waste over the top; empty where it needs none. */
  public Optional<DimKey> lengthens() {
    return Optional.empty();
  }

  /** Bends the outline of its part; where there is no room it leaves it as it is. */
  public void shape(Form form, Sizes sizes) {}

  /** What is let in for it, in the blank's z; empty where it is the part's own wood. */
  public HalfSection letIn(Form form) {
    return HalfSection.EMPTY;
  }

  /**
   * A part that is made for it from a blank of its own.
   *
   * @param part it
   * @param blank its stock, which has the part's name
   * @param joint how it goes into the piece
   */
  public record Own(Part part, Body blank, Joint joint) {}

  /** Whether it has a wood of its own: a piece from an offcut, a blank glued up at a seam. */
  public boolean wooded() {
    return false;
  }

  /** What is made for it from a blank of its own; empty where it is turned on, cut or let in. */
  public Optional<Own> own(Form form, Sizes sizes, Design design) {
    return Optional.empty();
  }

  /**
   * The wood that begins at it; empty where the blank is of one wood.
   *
   * @param bare the piece as its kind drew it
   */
  public Optional<Layer> layer(Form form, Sizes sizes, Aim bare) {
    return Optional.empty();
  }

  /** The board that it glues into the blank along the grain; empty where it is none. */
  public Optional<Strip> strip(Sizes sizes) {
    return Optional.empty();
  }

  /** Whether it is glued into the blank, which has to be whole for it. */
  public boolean ofBlank() {
    return false;
  }

  /** What is done to the blank before anything is turned. */
  public List<Step> first(Form form, String setup, Aim aim, Shop shop) {
    return List.of();
  }

  /** How that part is made: one hold after the other. */
  public List<Setup> setups(Form form, Aim aim, Shop shop, Acts acts) {
    return List.of();
  }

  /** What is done at last, on the bench: glued in. */
  public List<Step> last(String setup, Aim aim) {
    return List.of();
  }

  /**
   * What is done for it, a step after the other.
   *
   * @param form its part, bent
   * @param setup the name of the setup that it is done in
   */
  public List<Step> work(Form form, String setup, Aim aim, Shop shop) {
    return List.of();
  }

  /** What of it abrasive would take off again: it is done once its surface is sanded. */
  public List<Step> sanded(String setup) {
    return List.of();
  }

  /** What would go wrong with it, read from the drawn section. */
  public abstract void check(Form form, Aim aim, Told told);

  /** Ways out of one of its findings, best first. */
  public void remedies(Finding finding, Form form, Aim aim, Tries tries) {}

  /** Where its sizes lie, and what follows from that: of what found no room, nothing. */
  public void dimensions(Form form, Aim aim, Dimensions dimensions) {}

  /** The surface of the outside that it is on; empty where it found no room. */
  public Optional<SurfaceId> on(Form form) {
    return form.on(added().id()).map(s -> new SurfaceId(added().part(), s));
  }

  /**
   * The point that it is dragged along the axis by.
   *
   * @param size the size of where it is
   * @param from where that is counted from, in the blank's z
   */
  public Grip along(DimKey size, Point at, double from) {
    Handle handle = new Handle(added().id(), label(), at, true, false);
    return Grip.of(size, handle, to -> to.z() - from);
  }

  /** What it is at a height before it is put there, which is stated with it; as a rule nothing. */
  public Map<DimKey, Double> seen(Form form, double height) {
    return Map.of();
  }

  /** Sizes as an element asks for them. */
  interface Sizes {
    /** A size in mm. */
    double mm(DimKey key);

    /** What a bit is chosen for: the size that was wanted, whatever it really became, mm. */
    double due(DimKey key);

    /** The shop it is made in. */
    Shop shop();

    /** What the turner goes by. */
    default double practice(Line line) {
      return shop().custom(line);
    }

    /** Sizes that are being resolved. */
    static Sizes of(Dims<?> dims) {
      return new Sizes() {
        @Override
        public double mm(DimKey key) {
          return dims.mm(key);
        }

        @Override
        public double due(DimKey key) {
          return dims.planned(key);
        }

        @Override
        public Shop shop() {
          return dims.shop();
        }
      };
    }

    /** Sizes that were resolved. */
    static Sizes of(Map<DimKey, Dim> dims, Shop shop) {
      return new Sizes() {
        @Override
        public double mm(DimKey key) {
          return dims.get(key).mm();
        }

        @Override
        public double due(DimKey key) {
          return dims.get(key).due().mm();
        }

        @Override
        public Shop shop() {
          return shop;
        }
      };
    }
  }
}
