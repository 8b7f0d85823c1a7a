package hazelkeep.wood;

import hazelkeep.measure.Rounding;
import hazelkeep.measure.Wording;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A wood by its common name.
 *
 * @param name common name
 * @param botanical botanical name, may be empty
 * @param figures what is known of it; what is not known is left out
 */
public record Species(String name, String botanical, Map<WoodProperty, Figure> figures) {
  /** Of E along the grain, where the library has no shear modulus (common practice). */
  private static final double SHEAR_SHARE = 1 / 12.0;

  /**
   * Of E along the grain, where the library has no ratios: hardwoods lie about between 0.05 and
   * 0.10 (common practice).
   */
  private static final double ACROSS_SHARE = 0.07;

  /** Poisson's ratio across the grain where the library has none (common practice). */
  private static final double POISSON = 0.4;

  private static final double MPA_PER_GPA = 1000;

  /**
   * Moduli from bending tests hold the yielding in shear as well: they are raised by a tenth before
   * elastic ratios or shear are applied to them (USDA Wood Handbook; from memory).
   */
  private static final double OF_BENDING = 1.1;

  /**
   * The wood library. Figures are from the USDA Forest Products Laboratory's Wood Handbook,
   * imported species partly from general timber literature, all written from memory: each carries
   * its letter of confidence.
   */
  public static final List<Species> LIBRARY = read();

  /** Copies the figures. */
  public Species {
    Map<WoodProperty, Figure> copy = new EnumMap<>(WoodProperty.class);
    copy.putAll(figures);
    figures = Collections.unmodifiableMap(copy);
  }

  /** Finds a species of the library by its common name, whatever the case of its letters. */
  public static Optional<Species> named(String name) {
    return LIBRARY.stream().filter(s -> s.name.equalsIgnoreCase(name.strip())).findFirst();
  }

  /** A figure as it stands in the table; empty where it is not known. */
  public Optional<Figure> figure(WoodProperty property) {
    return Optional.ofNullable(figures.get(property));
  }

  /** Density, kg/m3. */
  public Optional<Figure> density() {
    return figure(WoodProperty.DENSITY);
  }

  /** The same as a number; none where it is not known. */
  public double kilograms() {
    return density().map(Figure::value).orElse(Double.NaN);
  }

  /**
   * Modulus of elasticity along the grain, MPa: that of the bending test raised by a tenth; the
   * turner's own figure as it is.
   */
  public Optional<Figure> along() {
    return figure(WoodProperty.E_ALONG)
        .map(f -> new Figure(f.value() * MPA_PER_GPA * raised(f), f.letter(), f.source()));
  }

  private static double raised(Figure f) {
    return f.letter() == Figure.Letter.OWN ? 1 : OF_BENDING;
  }

  /**
   * Modulus of elasticity across the grain, MPa: the geometric mean of radial and tangential, else
   * a share of that along the grain.
   */
  public Optional<Figure> across() {
    return mean(WoodProperty.E_RADIAL, WoodProperty.E_TANGENTIAL, ACROSS_SHARE);
  }

  /** Shear modulus along the grain, MPa: the mean of both faces, else a share of E. */
  public Optional<Figure> shearModulus() {
    return mean(WoodProperty.G_RADIAL, WoodProperty.G_TANGENTIAL, SHEAR_SHARE);
  }

  private Optional<Figure> mean(WoodProperty a, WoodProperty b, double share) {
    return along()
        .map(
            e -> {
              Figure fa = figures.get(a);
              Figure fb = figures.get(b);
              if (fa == null || fb == null) {
                return new Figure(
                    share * e.value(),
                    Figure.Letter.ESTIMATE,
                    Wording.of("species.of-the-stiffness-along-the", Rounding.text(share, 2)));
              }
              return new Figure(
                  e.value() * Math.sqrt(fa.value() * fb.value()), fa.letter(), fa.source());
            });
  }

  /** Poisson's ratio across the grain. */
  public Figure poisson() {
    Figure rt = figures.get(WoodProperty.POISSON_RT);
    Figure tr = figures.get(WoodProperty.POISSON_TR);
    return rt == null || tr == null
        ? new Figure(POISSON, Figure.Letter.ESTIMATE, "common practice")
        : new Figure(Math.sqrt(rt.value() * tr.value()), rt.letter(), rt.source());
  }

  /** Bending strength along the grain, MPa. */
  public Optional<Figure> bending() {
    return figure(WoodProperty.BENDING);
  }

  /** Tension strength across the grain, MPa: what a split has to overcome. */
  public Optional<Figure> tensionAcross() {
    return figure(WoodProperty.TENSION_ACROSS);
  }

  /** Mass of the moisture at 12 %, for one of dry wood. */
  private static final double MOIST = 1.12;

  private static final double WATER = 1000;

  /** Of what the relation gives: over the woods that have both, a table lies above it. */
  private static final double SAFE = 0.75;

  /**
   * Whether its rings make it coarse, hard and soft by turns: a conifer, or a hardwood whose pores
   * stand in rings. A fine edge across them crumbles.
   */
  public boolean coarse() {
    return Genera.conifer(botanical) || Genera.ringPorous(botanical);
  }

  /**
   * Strength across the grain as it may be estimated from the density, MPa: 10.1 G^1.3 for
   * hardwoods, 6.0 G^1.11 for softwoods, G the specific gravity at 12 % (USDA Wood Handbook; from
   * memory), of which three quarters are taken. Nobody's figure until the turner takes it. Example:
   * cherry, G 0.50: 4.1 by the relation, 3.9 in the table, 3.1 to judge by.
   *
   * @return empty where the density is not known
   */
  public Optional<Figure> estimatedTensionAcross() {
    boolean soft = Genera.conifer(botanical);
    return density()
        .map(d -> d.value() / WATER / MOIST)
        .map(g -> soft ? 6.0 * Math.pow(g, 1.11) : 10.1 * Math.pow(g, 1.3))
        .map(
            t ->
                new Figure(
                    Math.floor(SAFE * t * 10) / 10,
                    Figure.Letter.ESTIMATE,
                    Wording.of("species.three-quarters-of-a-relation")));
  }

  /**
   * This wood with its grain leaning against the axis: stiffness and bending strength along the
   * axis by Hankinson's formula (USDA Wood Handbook; from memory), what lies across is left.
   *
   * @param degrees lean of the grain against the axis, 0 to 45
   */
  public Species leaning(double degrees) {
    Optional<Figure> e = along();
    if (degrees == 0 || e.isEmpty()) {
      return this;
    }
    Map<WoodProperty, Figure> next = new EnumMap<>(WoodProperty.class);
    next.putAll(figures);
    double lean = Math.toRadians(degrees);
    String by = ", grain leaning " + Math.round(degrees) + " degrees";
    double slant = hankinson(e.get().value(), across().orElseThrow().value(), lean, MODULUS_POWER);
    put(next, WoodProperty.E_ALONG, slant / MPA_PER_GPA / raised(e.get()), e.get(), by);
    // Shares of the stiffness along the grain stay what they were in MPa.
    double less = e.get().value() / slant;
    shares(next, WoodProperty.E_RADIAL, WoodProperty.E_TANGENTIAL, ACROSS_SHARE, less);
    shares(next, WoodProperty.G_RADIAL, WoodProperty.G_TANGENTIAL, SHEAR_SHARE, less);
    Optional<Figure> tension = tensionAcross();
    bending()
        .filter(b -> tension.isPresent())
        .ifPresent(
            b ->
                put(
                    next,
                    WoodProperty.BENDING,
                    hankinson(b.value(), tension.get().value(), lean, STRENGTH_POWER),
                    b,
                    by));
    return new Species(name, botanical, next);
  }

  private static void put(
      Map<WoodProperty, Figure> to, WoodProperty property, double value, Figure was, String by) {
    to.put(property, new Figure(value, was.letter(), was.source() + by));
  }

  private static void shares(
      Map<WoodProperty, Figure> of,
      WoodProperty a,
      WoodProperty b,
      double estimate,
      double factor) {
    boolean known = of.containsKey(a) && of.containsKey(b);
    for (WoodProperty p : List.of(a, b)) {
      Figure was =
          known ? of.get(p) : new Figure(estimate, Figure.Letter.ESTIMATE, "common practice");
      of.put(p, new Figure(was.value() * factor, was.letter(), was.source()));
    }
  }

  /** Powers of the sine and cosine for strength, the safer of those in use, and for stiffness. */
  private static final double STRENGTH_POWER = 1.5;

  private static final double MODULUS_POWER = 2;

  /**
   * Hankinson's formula: N = P Q / (P sin^n a + Q cos^n a).
   *
   * @param along the figure along the grain
   * @param across the figure across it
   * @param lean angle between grain and axis, radians
   * @param power n
   */
  static double hankinson(double along, double across, double lean, double power) {
    return along
        * across
        / (along * Math.pow(Math.sin(lean), power) + across * Math.pow(Math.cos(lean), power));
  }

  /** This wood with a figure of the turner's own, or without it when empty. */
  public Species with(WoodProperty property, Optional<Double> own) {
    Map<WoodProperty, Figure> next = new EnumMap<>(WoodProperty.class);
    next.putAll(figures);
    own.ifPresentOrElse(
        v ->
            next.put(
                property,
                new Figure(property.checked(v), Figure.Letter.OWN, "the turner's own figure")),
        () -> next.remove(property));
    return new Species(name, botanical, next);
  }

  private static List<Species> read() {
    try (BufferedReader in =
        new BufferedReader(
            new InputStreamReader(
                Species.class.getResourceAsStream("species.csv"), StandardCharsets.UTF_8))) {
      in.readLine();
      List<Species> all = new ArrayList<>();
      for (String line = in.readLine(); line != null; line = in.readLine()) {
        all.add(row(line));
      }
      return List.copyOf(all);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Where the letter of each property stands: several ratios share one. */
  private static Species row(String line) {
    String[] f = line.replace("\"", "").split("(?<!\\s),(?!\\s)", -1);
    Map<WoodProperty, Figure> figures = new EnumMap<>(WoodProperty.class);
    String source = f[24];
    put(figures, WoodProperty.DENSITY, f, 2, 3, source);
    put(figures, WoodProperty.E_ALONG, f, 4, 5, source);
    put(figures, WoodProperty.BENDING, f, 6, 7, source);
    put(figures, WoodProperty.TENSION_ACROSS, f, 8, 9, source);
    put(figures, WoodProperty.SHEAR, f, 10, 11, source);
    String elastic = "Wood Handbook, elastic ratios";
    put(figures, WoodProperty.E_RADIAL, f, 12, 16, elastic);
    put(figures, WoodProperty.E_TANGENTIAL, f, 13, 16, elastic);
    put(figures, WoodProperty.G_RADIAL, f, 14, 16, elastic);
    put(figures, WoodProperty.G_TANGENTIAL, f, 15, 16, elastic);
    String poisson = "Wood Handbook, Poisson's ratios";
    put(figures, WoodProperty.POISSON_RT, f, 17, 19, poisson);
    put(figures, WoodProperty.POISSON_TR, f, 18, 19, poisson);
    put(figures, WoodProperty.SHRINK_RADIAL, f, 20, 21, source);
    put(figures, WoodProperty.SHRINK_TANGENTIAL, f, 22, 23, source);
    return new Species(f[0], f[1], figures);
  }

  private static void put(
      Map<WoodProperty, Figure> to,
      WoodProperty property,
      String[] f,
      int value,
      int letter,
      String source) {
    if (!f[value].isEmpty()) {
      to.put(
          property,
          new Figure(Double.parseDouble(f[value]), Figure.Letter.valueOf(f[letter]), source));
    }
  }
}
