package hazelkeep.wood;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * The wood library with the turner's own figures laid over it.
 *
 * @param own woods as the turner knows them: figures of theirs win, figures that they do not give
 *     are the library's
 */
public record Woods(List<Species> own) {
  /** The library as it is shipped. */
  public static final Woods LIBRARY = new Woods(List.of());

  /** Copies the list. */
  public Woods {
    own = List.copyOf(own);
  }

  /** A wood by its common name, whatever the case of its letters; empty when nobody knows it. */
  public Optional<Species> named(String name) {
    Optional<Species> mine =
        own.stream().filter(s -> s.name().equalsIgnoreCase(name.strip())).findFirst();
    Optional<Species> shipped = Species.named(name);
    if (mine.isEmpty() || shipped.isEmpty()) {
      return mine.or(() -> shipped);
    }
    return Optional.of(laid(shipped.get(), mine.get()));
  }

  /**
   * The name of a wood as a turner says it: its common name, or the word in it that everyone uses,
   * so that “cherry” is black cherry. What nobody knows stays as it is.
   *
   * @throws Refused when more than one wood may be meant, naming them
   */
  public String meant(String said) {
    String name = said.strip();
    if (name.isEmpty() || named(name).isPresent()) {
      return named(name).map(Species::name).orElse(name);
    }
    List<String> found = all().stream().map(Species::name).filter(s -> says(s, name)).toList();
    if (found.size() > 1) {
      throw new Refused(Wording.of("woods.may-be-say-which", name, String.join(", ", found)));
    }
    return found.isEmpty() ? name : found.get(0);
  }

  /** Whether a common name holds some words, each of them whole. */
  private static boolean says(String common, String words) {
    String padded = " " + plain(common) + " ";
    return padded.contains(" " + plain(words) + " ");
  }

  private static String plain(String name) {
    return name.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}-]+", " ").strip();
  }

  private static Species laid(Species under, Species over) {
    java.util.Map<WoodProperty, Figure> figures = new java.util.EnumMap<>(WoodProperty.class);
    figures.putAll(under.figures());
    figures.putAll(over.figures());
    return new Species(under.name(), under.botanical(), figures);
  }

  /** All woods: the library's, then those that only the turner has. */
  public List<Species> all() {
    List<Species> out = new ArrayList<>();
    Species.LIBRARY.forEach(s -> out.add(named(s.name()).orElse(s)));
    own.stream().filter(s -> Species.named(s.name()).isEmpty()).forEach(out::add);
    return out;
  }
}
