package hazelkeep.web.workbench;

import hazelkeep.fit.Aimed;
import hazelkeep.fit.Cure;
import hazelkeep.fit.FitClass;
import hazelkeep.fit.Next;
import hazelkeep.fit.Seen;
import hazelkeep.fit.SneakUp;
import hazelkeep.measure.Phrases;
import hazelkeep.measure.Rounding;
import hazelkeep.practice.Line;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Tool;
import hazelkeep.web.drawing.Show;
import java.util.List;
import java.util.Locale;

/** A fit that is sneaked up on, in sentences. */
final class SneakWords {
  private static final Phrases PHRASES = new Phrases(SneakWords.class, "sneak.properties");
  private static final double PERCENT = 100;

  private final SneakUp s;
  private final Show show;
  private final Shop shop;

  SneakWords(SneakUp s, Shop shop, Show show) {
    this.s = s;
    this.shop = shop;
    this.show = show;
  }

  /** What comes next, in a line. */
  String title(Next n) {
    return PHRASES.of(
        "next." + low(n.what()),
        half(),
        n.what() == Next.Do.EASE ? show.fit(n.amount()) : show.fit(n.target()));
  }

  private String half() {
    return s.aimed().recessCut() ? "recess" : "spigot";
  }

  /** How it is done. */
  String how(Next n) {
    Aimed aim = s.aimed();
    return switch (n.what()) {
      case MEASURE_RECESS, MEASURE_SPIGOT ->
          PHRASES.of(
              s.taken().stream().anyMatch(t -> t.seen().what().reading())
                  ? "how.measure"
                  : "how.measure.first");
      case CUT -> PHRASES.of("how.cut", show.fit(n.amount()), show.fit(n.amount() / 2), tool());
      case SCRAPE -> PHRASES.of("how.scrape", show.fit(n.amount()), show.fit(n.amount() / 2));
      case EASE -> PHRASES.of("how.ease");
      case TRY -> PHRASES.of("how.try");
      case OVER ->
          PHRASES.of(
              "how.over",
              show.fit(s.belief().clearance()),
              aim.wanted().named(),
              show.fit(aim.most()));
      case THERE -> there(n);
    };
  }

  private String there(Next n) {
    return s.lastTrial()
        .map(t -> PHRASES.of("how.there", t.what().words()))
        .orElseGet(
            () ->
                PHRASES.of(
                    "how.there.sure",
                    s.aimed().wanted().named(),
                    Rounding.text(PERCENT * n.within(), 0) + " %"));
  }

  private String tool() {
    return shop.thinnestParting().map(Tool::name).orElse("parting tool");
  }

  /** How often that goes too far; empty where nothing is cut. */
  String risk(Next n) {
    return n.amount() > 0 ? PHRASES.of("risk", Rounding.text(PERCENT * n.risk(), 1)) : "";
  }

  /** What is thought of the clearance now. */
  String thought() {
    return PHRASES.of(
        "thought", show.fit(s.belief().clearance()), show.fit(2 * s.belief().spread()));
  }

  /** What is wanted, and whether calipers can tell it. */
  String wanted() {
    Aimed aim = s.aimed();
    return PHRASES.of(
        aim.lidIsTheGauge() ? "lid" : "calipers",
        aim.wanted().named(),
        show.fit(aim.least()),
        show.fit(aim.most()));
  }

  /** Why the last thing seen was left out; empty when it was not. */
  String doubt() {
    if (s.taken().isEmpty()) {
      return "";
    }
    SneakUp.Taken t = s.taken().get(s.taken().size() - 1);
    Seen seen = t.seen();
    double about = seen.what() == Seen.What.RECESS ? s.aimed().recess() : s.aimed().spigot();
    return t.doubt()
        .map(
            d ->
                PHRASES.of(
                    "doubt." + low(d),
                    seen.what().reading() ? show.fit(seen.value()) : seen.what().words(),
                    show.fit(about)))
        .orElse("");
  }

  /** What helps a fit that went past. */
  List<String> cures() {
    return Cure.of(s).stream().map(this::cure).toList();
  }

  private String cure(Cure c) {
    String key = "cure." + low(c.how());
    double over = s.belief().clearance() - s.aimed().most();
    return switch (c.how()) {
      case LOOSER ->
          PHRASES.of(
              key,
              show.fit(c.amount()),
              FitClass.at(c.amount(), s.aimed().diameter(), s.aimed().practice()).named());
      case BURNISH -> PHRASES.of(key, most(Line.CURE_BURNISH), show.fit(over));
      case WAX -> PHRASES.of(key, most(Line.CURE_WAX), show.fit(over));
      default -> PHRASES.of(key, show.fit(c.amount()), c.layers());
    };
  }

  private String most(Line line) {
    return show.fit(s.aimed().practice().of(line));
  }

  private static String low(Enum<?> e) {
    return e.name().toLowerCase(Locale.ROOT);
  }
}
