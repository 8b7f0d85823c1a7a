package hazelkeep.closing;

import hazelkeep.air.Climate;
import hazelkeep.air.Climates;
import hazelkeep.air.Movement;
import hazelkeep.air.Rings;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Aim;
import hazelkeep.season.Half;
import hazelkeep.season.Pairing;
import hazelkeep.season.Year;
import hazelkeep.shop.Shop;
import hazelkeep.wood.Species;
import java.util.Map;
import java.util.Optional;

/**
 * A joint in the air that it will live in.
 *
 * @param joint the joint as it is cut today
 * @param home the air
 * @param moisture of the wood today, %
 * @param comes what the wood comes to where it will live, least and most, %
 */
public record InTheYear(Pairing joint, Climate home, double moisture, Year.Span comes) {
  /**
   * A joint whose movement is worked out, or the wood of which too little is known.
   *
   * @param year the joint; empty where a wood's shrinkage is not known
   * @param missing that wood; empty where there is none
   */
  public record Answer(Optional<InTheYear> year, String missing) {}

  /**
   * Of a piece's joint.
   *
   * @param closing its lid
   * @param clearance as it is cut today, mm
   * @param day of the year, 0 to 364
   */
  public static Answer of(Aim aim, Closing closing, double clearance, Made made, int day) {
    Practice p = made.shop.practice();
    YearWish wish = made.wish;
    Species wood = wood(aim, closing.joint().outer().part());
    Species other =
        wish.spigotWood().isEmpty()
            ? wood(aim, closing.joint().inner().part())
            : made.shop
                .woods()
                .named(wish.spigotWood())
                .orElse(new Species(wish.spigotWood(), "", Map.of()));
    double saturation = p.of(Line.SEASON_SATURATION);
    Optional<Movement> outer = Movement.of(wood, saturation);
    Optional<Movement> inner = Movement.of(other, saturation);
    if (outer.isEmpty() || inner.isEmpty()) {
      return new Answer(Optional.empty(), outer.isEmpty() ? wood.name() : other.name());
    }
    Climate home = climate(wish.home(), made);
    double moisture = wish.moisture() > 0 ? wish.moisture() : today(made, day);
    double radii = wish.pith() > 0 ? 2 * wish.pith() / closing.recess() : Double.POSITIVE_INFINITY;
    double slow = wish.coat().days(p);
    Half recess = new Half(outer.get(), moisture, new Rings(radii, 0), slow);
    Half spigot = new Half(inner.get(), moisture, new Rings(radii, wish.turned()), slow);
    Pairing joint = new Pairing(closing.recess(), clearance, recess, spigot, closing.joint().use());
    double[] year = home.moisture(slow);
    double least = java.util.Arrays.stream(year).min().orElseThrow();
    double most = java.util.Arrays.stream(year).max().orElseThrow();
    return new Answer(
        Optional.of(new InTheYear(joint, home, moisture, new Year.Span(least, most))), "");
  }

  /** The wood of a half; of what was there before nobody asked, so it counts as the piece's. */
  private static Species wood(Aim aim, String part) {
    return aim.given(part) ? aim.blank().wood() : aim.wood(part);
  }

  /**
   * What a joint is made in.
   *
   * @param wish what the turner says
   * @param shop the shop, with its climates, woods and practice
   */
  public record Made(YearWish wish, Shop shop) {}

  /** What the air of the workshop makes of the wood on a day, %. */
  public static double today(Made made, int day) {
    double slow = made.shop.practice().of(Line.SEASON_BARE);
    return climate(made.wish.workshop(), made).moisture(slow)[day];
  }

  private static Climate climate(String name, Made made) {
    Climates all = made.shop.climates();
    Climate c = all.named(name).orElse(all.all().get(0));
    return made.wish.south() ? c.turnedRound() : c;
  }

  /** Its year. */
  public Year year() {
    return Year.of(joint, home);
  }
}
