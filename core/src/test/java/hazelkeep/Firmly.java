package hazelkeep;

import hazelkeep.practice.Line;
import hazelkeep.shop.Shop;
import java.util.OptionalDouble;

/** The shop of a turner whose customs never give way: for what is told when they don't fit. */
public final class Firmly {
  /** The usual shop otherwise. */
  public static final Shop SHOP = of(Shop.starter());

  private Firmly() {}

  /** The same of another shop. */
  public static Shop of(Shop shop) {
    return shop.with(shop.practice().with(Line.FIRM_GIVES, OptionalDouble.of(1)));
  }
}
