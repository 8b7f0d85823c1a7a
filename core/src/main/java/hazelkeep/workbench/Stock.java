package hazelkeep.workbench;

import hazelkeep.route.Aim;
import hazelkeep.solid.HalfSection;
import hazelkeep.wood.Body;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The blank as it was when its first step was done.
 *
 * @param sound wood at every angle
 * @param swept wood at some angle
 * @param others the blanks of parts that have one of their own, by the part
 */
public record Stock(HalfSection sound, HalfSection swept, Map<String, Stock> others) {
  /** Logs from before parts had blanks of their own know of none. */
  public Stock {
    others = others == null ? Map.of() : Map.copyOf(others);
  }

  /** One blank. */
  Stock(HalfSection sound, HalfSection swept) {
    this(sound, swept, Map.of());
  }

  static Stock of(Aim aim) {
    Map<String, Stock> others = new LinkedHashMap<>();
    aim.blanks().stream()
        .skip(1)
        .forEach(b -> others.put(b.name(), new Stock(b.sound(), b.swept())));
    return new Stock(aim.blank().sound(), aim.blank().swept(), others);
  }

  /** The blanks of a piece as they were noted; those that came later as they are planned. */
  static List<Body> all(Aim aim, Optional<Stock> noted) {
    return aim.blanks().stream()
        .map(b -> noted.flatMap(n -> n.named(aim, b)).map(s -> s.body(b)).orElse(b))
        .toList();
  }

  private Optional<Stock> named(Aim aim, Body blank) {
    return blank == aim.blank() ? Optional.of(this) : Optional.ofNullable(others.get(blank.name()));
  }

  private Body body(Body planned) {
    HalfSection now = sound.equals(swept) ? sound : swept;
    return planned.become(planned.name(), sound, now);
  }
}
