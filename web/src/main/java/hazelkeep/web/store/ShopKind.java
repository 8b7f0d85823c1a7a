package hazelkeep.web.store;

import hazelkeep.air.Climate;
import hazelkeep.air.Climates;
import hazelkeep.measure.Restated;
import hazelkeep.practice.Bound;
import hazelkeep.practice.Custom;
import hazelkeep.practice.Practice;
import hazelkeep.shop.Bit;
import hazelkeep.shop.Centre;
import hazelkeep.shop.DrillChuck;
import hazelkeep.shop.Extension;
import hazelkeep.shop.Gauge;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.KeptChuck;
import hazelkeep.shop.Landmark;
import hazelkeep.shop.Lathe;
import hazelkeep.shop.PushTest;
import hazelkeep.shop.Rest;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Steady;
import hazelkeep.shop.Tool;
import hazelkeep.shop.WoodScrew;
import hazelkeep.wood.Species;
import hazelkeep.wood.Woods;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

/** The kinds of things on the wall. */
public enum ShopKind {
  LATHE(Lathe.class, s -> List.of(s.lathe()), "lathe", true),
  JAWS(JawSet.class, Shop::jaws, "jaws", false),
  CENTRE(Centre.class, Shop::centres, "centres", false),
  TOOL(Tool.class, Shop::tools, "tools", false),
  BIT(Bit.class, Shop::bits, "bits", false),
  EXTENSION(Extension.class, Shop::extensions, "extensions", false),
  DRILL(DrillChuck.class, s -> s.drill().stream().toList(), "drill", true),
  GAUGE(Gauge.class, Shop::gauges, "gauges", false),
  LANDMARK(Landmark.class, Shop::landmarks, "landmarks", false),
  STEADY(Steady.class, Shop::steadies, "steadies", false),
  SCREW(WoodScrew.class, Shop::screws, "screws", false),
  CHUCK(KeptChuck.class, Shop::chucks, "chucks", false),
  REST(Rest.class, Shop::rests, "rests", false),
  PUSH(PushTest.class, s -> s.push().stream().toList(), "push", true),
  WOOD(Species.class, s -> s.woods().own(), "woods", false),
  PRACTICE(Custom.class, s -> s.practice().own(), "practice", false),
  CLIMATE(Climate.class, s -> s.climates().own(), "climates", false),
  BOUND(Bound.class, s -> s.practice().bounds(), "practice", false);

  private final Class<? extends Record> type;
  private final Function<Shop, List<? extends Record>> of;
  private final String wall;
  private final boolean single;

  ShopKind(
      Class<? extends Record> type,
      Function<Shop, List<? extends Record>> of,
      String wall,
      boolean single) {
    this.type = type;
    this.of = of;
    this.wall = wall;
    this.single = single;
  }

  /** The core's record. */
  public Class<? extends Record> type() {
    return type;
  }

  /** Whether a shop has at most one. */
  public boolean single() {
    return single;
  }

  /** Whether it hangs on the wall; else it has a page of its own. */
  public boolean onWall() {
    return ordinal() < WOOD.ordinal();
  }

  /** As it stands in tables and paths: jaws. */
  public String key() {
    return name().toLowerCase(Locale.ROOT);
  }

  /** The kind of that key. */
  public static Optional<ShopKind> named(String key) {
    return List.of(values()).stream().filter(k -> k.key().equals(key)).findFirst();
  }

  /** What a shop has of it. */
  public List<? extends Record> of(Shop shop) {
    return of.apply(shop);
  }

  /** A shop with other things of this kind; the same where one has to be and is not. */
  public Shop with(Shop shop, List<? extends Record> things) {
    return switch (this) {
      case LATHE -> things.isEmpty() ? shop : Restated.with(shop, wall, things.get(0));
      case DRILL, PUSH -> Restated.with(shop, wall, things.stream().findFirst());
      case WOOD ->
          Restated.with(shop, wall, new Woods(things.stream().map(Species.class::cast).toList()));
      case PRACTICE ->
          shop.with(
              new Practice(
                  things.stream().map(Custom.class::cast).toList(), shop.practice().bounds()));
      case BOUND ->
          shop.with(shop.practice().bounded(things.stream().map(Bound.class::cast).toList()));
      case CLIMATE ->
          Restated.with(
              shop, wall, new Climates(things.stream().map(Climate.class::cast).toList()));
      default -> Restated.with(shop, wall, List.copyOf(things));
    };
  }

  /** The name of a thing of this kind: its own, or the kind's where there is only one. */
  public String nameOf(Record thing) {
    if (single) {
      return key();
    }
    try {
      return (String) type.getMethod("name").invoke(thing);
    } catch (ReflectiveOperationException e) {
      throw new IllegalStateException(e);
    }
  }
}
