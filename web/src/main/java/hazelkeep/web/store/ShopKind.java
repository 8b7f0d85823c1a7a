package hazelkeep.web.store;

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
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

/** The kinds of things on the wall. */
public enum ShopKind {
  LATHE(Lathe.class, s -> List.of(s.lathe()), true),
  JAWS(JawSet.class, Shop::jaws, false),
  CENTRE(Centre.class, Shop::centres, false),
  TOOL(Tool.class, Shop::tools, false),
  BIT(Bit.class, Shop::bits, false),
  EXTENSION(Extension.class, Shop::extensions, false),
  DRILL(DrillChuck.class, s -> s.drill().stream().toList(), true),
  GAUGE(Gauge.class, Shop::gauges, false),
  LANDMARK(Landmark.class, Shop::landmarks, false),
  STEADY(Steady.class, Shop::steadies, false),
  SCREW(WoodScrew.class, Shop::screws, false),
  CHUCK(KeptChuck.class, Shop::chucks, false),
  REST(Rest.class, Shop::rests, false),
  PUSH(PushTest.class, s -> s.push().stream().toList(), true),
  WOOD(Species.class, s -> s.woods().own(), false);

  private final Class<? extends Record> type;
  private final Function<Shop, List<? extends Record>> of;
  private final boolean single;

  ShopKind(
      Class<? extends Record> type, Function<Shop, List<? extends Record>> of, boolean single) {
    this.type = type;
    this.of = of;
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
