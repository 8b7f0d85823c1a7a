package hazelkeep.wood;

import hazelkeep.solid.CrossHole;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import java.util.ArrayList;
import java.util.List;

/**
 * Wood that exists. Its z is that of its blank for life; only frames turn it round.
 *
 * @param name its name: {@code blank}, later the part it becomes
 * @param sound wood at every angle: walls are judged on it
 * @param swept wood at some angle: swing and reach are judged on it; the same object as sound once
 *     the work is round
 * @param wood its species, with all that is known of it; where it was glued up the lowest of them
 * @param layers what it was glued up of above that, from the low one up
 * @param strips boards that were glued into it along the grain, none over another
 * @param holes drilled into it from outside; neither section shows them
 */
public record Body(
    String name,
    HalfSection sound,
    HalfSection swept,
    Species wood,
    List<Layer> layers,
    List<Strip> strips,
    List<Hole> holes) {
  /** One of a single wood. */
  public Body(String name, HalfSection sound, HalfSection swept, Species wood) {
    this(name, sound, swept, wood, List.of(), List.of(), List.of());
  }

  /** The same wood in another shape, under another name. */
  public Body become(String other, HalfSection s, HalfSection w) {
    return new Body(other, s, w, wood, layers, strips, holes);
  }

  /** The same glued up of other woods above its first. */
  public Body glued(List<Layer> up) {
    return new Body(name, sound, swept, wood, List.copyOf(up), strips, holes);
  }

  /** The same with boards glued in along the grain. */
  public Body striped(List<Strip> along) {
    return new Body(name, sound, swept, wood, layers, List.copyOf(along), holes);
  }

  /** The same with more holes. */
  public Body drilled(List<Hole> more) {
    List<Hole> all = new ArrayList<>(holes);
    all.addAll(more);
    return new Body(name, sound, swept, wood, layers, strips, List.copyOf(all));
  }

  /** Its wood at some angle, less what its holes take, mm3. */
  public double volume() {
    return swept.volume() - holes.stream().mapToDouble(h -> h.at().of(swept).mm3()).sum();
  }

  /** What it is of at a height. */
  public Species wood(double z) {
    Species is = wood;
    for (Layer l : layers) {
      is = z >= l.from() ? l.wood() : is;
    }
    return is;
  }

  /** The woods that there are in it, from the low one up. */
  public List<Species> woods() {
    List<Species> out = new ArrayList<>();
    Species is = wood;
    double from = Double.NEGATIVE_INFINITY;
    for (Layer l : layers) {
      if (l.from() > sound.minZ() && from < sound.maxZ()) {
        out.add(is);
      }
      is = l.wood();
      from = l.from();
    }
    if (out.isEmpty() || from < sound.maxZ()) {
      out.add(is);
    }
    return out;
  }

  /** A region of it, wood by wood. */
  public List<Layer.Of> woods(HalfSection region) {
    return Layer.split(region, wood, layers);
  }

  /**
   * What a region of it is of, by weight: its layers, less what is strip, and the strips; less its
   * holes, as if they went through no strip.
   */
  public List<Lump> lumps(HalfSection region) {
    List<Lump> out = new ArrayList<>();
    for (Layer.Of of : woods(region)) {
      double mm3 = of.region().volume();
      double moment = mm3 * of.region().centroid();
      for (Strip s : strips) {
        Lump in = s.in(of.region());
        mm3 -= in.mm3();
        moment -= in.mm3() * in.z();
        out.add(in);
      }
      for (Hole h : holes) {
        CrossHole.Taken gone = h.at().of(of.region());
        mm3 -= gone.mm3();
        moment -= gone.mm3() * gone.z();
      }
      out.add(new Lump(of.wood(), mm3, mm3 > 0 ? moment / mm3 : 0));
    }
    return out;
  }

  /**
   * How far to one side its strips pull, g mm: what they weigh more, or less, than the wood in
   * whose place they are, times how far they lie beside the axis. Not a number where a density is
   * not known.
   */
  public double beside() {
    double sum = 0;
    for (Layer.Of of : strips.isEmpty() ? List.<Layer.Of>of() : woods(sound)) {
      for (Strip s : strips) {
        sum += (s.wood().kilograms() - of.wood().kilograms()) * 1e-6 * s.beside(of.region());
      }
    }
    return Math.abs(sum);
  }

  /** Whether the work runs round and true. */
  public boolean round() {
    return sound == swept || sound.equals(swept);
  }

  /** This body with a region taken off. */
  public Body without(HalfSection region) {
    HalfSection s = sound.minus(region);
    HalfSection w = sound == swept ? s : swept.minus(region);
    return become(name, s, s.equals(w) ? s : w);
  }

  /** This body with something that was let into it. */
  public Body with(HalfSection region) {
    HalfSection s = sound.plus(region);
    return become(name, s, sound == swept ? s : swept.plus(region));
  }

  /** This body with its z counted from elsewhere, mm. */
  public Body shifted(double dz) {
    HalfSection s = sound.shifted(dz);
    if (dz == 0) {
      return this;
    }
    List<Layer> up = layers.stream().map(l -> new Layer(l.from() + dz, l.wood())).toList();
    List<Hole> moved = holes.stream().map(h -> h.shifted(dz)).toList();
    return new Body(name, s, round() ? s : swept.shifted(dz), wood, up, strips, moved);
  }

  /** Whether the wood holds a point. */
  public boolean holds(Point p) {
    return sound.holds(p);
  }

  /** kg/m3, of the lowest of its woods; not a number where it is not known. */
  public double density() {
    return wood.kilograms();
  }

  /** Its mass in grams, taking the sound wood. */
  public double grams() {
    return lumps(sound).stream().mapToDouble(Lump::grams).sum();
  }
}
