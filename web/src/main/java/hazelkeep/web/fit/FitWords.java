package hazelkeep.web.fit;

import hazelkeep.air.Climate;
import hazelkeep.air.Rings;
import hazelkeep.closing.Closing;
import hazelkeep.closing.Feel;
import hazelkeep.closing.InTheYear;
import hazelkeep.fit.AirCushion;
import hazelkeep.fit.FitClass;
import hazelkeep.measure.Phrases;
import hazelkeep.measure.Rounding;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.season.Otherwise;
import hazelkeep.season.Year;
import hazelkeep.web.drawing.Show;
import java.time.format.TextStyle;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/** A fit in sentences. */
final class FitWords {
  static final Phrases PHRASES = new Phrases(FitWords.class, "fit.properties");

  private static final double MM3 = 1000;

  private final Show show;
  private final Practice practice;

  FitWords(Show show, Practice practice) {
    this.show = show;
    this.practice = practice;
  }

  /** How a lid feels. */
  List<String> feel(Feel f, Closing c, String wood, boolean sealed) {
    List<String> out = new ArrayList<>();
    switch (f.why()) {
      case OPEN_ROOM -> out.add(PHRASES.of("feel.open-room"));
      case TOUCHING -> out.add(PHRASES.of("feel.touching", f.fit().word()));
      case NO_DENSITY -> {
        out.add(PHRASES.of("feel.no-density", wood));
        pull(out, f, c);
      }
      default -> {
        out.add(sinks(f));
        pull(out, f, c);
        out.add(
            PHRASES.of(
                "feel.lid",
                Rounding.text(c.lidGrams().orElseThrow(), 0) + " g",
                Rounding.text(c.room().orElseThrow() / MM3, 0) + " ml"));
        out.add(endGrain(c, sealed));
      }
    }
    return out;
  }

  private String sinks(Feel f) {
    double quick = f.quickest().orElseThrow();
    double slow = f.slowest().orElseThrow();
    if (slow < practice.of(Line.FIT_DROPS)) {
      return PHRASES.of("feel.sinks.quick", seconds(practice.of(Line.FIT_DROPS)));
    }
    if (quick > practice.of(Line.FIT_HANGS)) {
      return PHRASES.of("feel.sinks.long", seconds(practice.of(Line.FIT_HANGS)));
    }
    return PHRASES.of("feel.sinks", seconds(quick), seconds(slow));
  }

  private static String seconds(double s) {
    return Rounding.text(s, s < 1 ? 2 : s < 10 ? 1 : 0) + " s";
  }

  private void pull(List<String> out, Feel f, Closing c) {
    out.add(
        PHRASES.of(
            "feel.pull",
            newton(AirCushion.peak(f.pull())),
            newton(AirCushion.peak(f.loosePull()))));
    out.add(PHRASES.of(f.pops() ? "feel.pops" : "feel.silent"));
    if (f.follows()) {
      out.add(PHRASES.of("feel.follows", Rounding.text(c.restGrams().orElseThrow(), 0) + " g"));
    }
  }

  private static String newton(double n) {
    return Rounding.text(n, 1) + " N";
  }

  private String endGrain(Closing c, boolean sealed) {
    String thick =
        java.util.Arrays.stream(c.ends())
            .filter(t -> t > 0)
            .mapToObj(show::len)
            .collect(Collectors.joining(" and "));
    return sealed ? PHRASES.of("feel.sealed") : PHRASES.of("feel.end-grain", thick);
  }

  /** What the year does, the verdict first. */
  List<String> year(Year year, InTheYear in) {
    List<String> out = new ArrayList<>();
    FitClass wanted = year.joint().wanted();
    List<Year.Month> months = year.months(practice);
    Year.Today today = year.today(practice);
    boolean stays =
        today.holds()
            && year.joint().clearance() >= today.least()
            && year.joint().clearance() <= today.most();
    String tight = month(months, true);
    String loose = month(months, false);
    String says =
        stays
            ? today.moves() < STILL ? "year.together" : "year.stays"
            : tight.equals(loose) ? "year.leaves.one" : "year.leaves";
    out.add(
        PHRASES.of(
            says,
            show.fit(year.joint().clearance()),
            wanted.named(),
            show.fit(year.tightest()),
            show.fit(year.loosest()),
            tight,
            loose));
    if (!today.holds()) {
      out.add(
          PHRASES.of("year.none", wanted.named(), show.fit(today.moves()), show.fit(today.room())));
    } else if (!stays) {
      out.add(
          PHRASES.of(
              "year.cut",
              show.fit(today.middle()),
              wanted.named(),
              show.fit(today.least()),
              show.fit(today.most())));
    }
    named(months.stream().map(Year.Month::seizes).toList(), "year.seizes", out);
    named(months.stream().map(Year.Month::rattles).toList(), "year.rattles", out);
    if (in.joint().outer().rings().pith() < Rings.INSIDE) {
      out.add(PHRASES.of("year.pith"));
    }
    out.add(
        PHRASES.of(
            "year.moisture",
            percent(in.moisture()),
            percent(in.comes().least()),
            percent(in.comes().most())));
    return out;
  }

  /** What moves less than this stands still for a turner, mm. */
  private static final double STILL = 0.005;

  private static String percent(double m) {
    return Rounding.text(m, 1) + " %";
  }

  private static String month(List<Year.Month> months, boolean tight) {
    int at = 0;
    for (int i = 1; i < months.size(); i++) {
      boolean more =
          tight
              ? months.get(i).least() < months.get(at).least()
              : months.get(i).most() > months.get(at).most();
      at = more ? i : at;
    }
    return name(at);
  }

  private static String name(int month) {
    return java.time.Month.of(month + 1).getDisplayName(TextStyle.FULL, Locale.ENGLISH);
  }

  private static void named(List<Boolean> which, String key, List<String> out) {
    List<String> names = new ArrayList<>();
    for (int m = 0; m < Climate.MONTHS; m++) {
      if (which.get(m)) {
        names.add(name(m));
      }
    }
    if (names.size() == Climate.MONTHS) {
      out.add(PHRASES.of(key, "every month"));
    } else if (!names.isEmpty()) {
      out.add(PHRASES.of(key, String.join(", ", names)));
    }
  }

  /**
   * A month as it is felt.
   *
   * @param name of the month, three letters
   * @param fit its class, or the two that it lies between
   * @param css how grave that is; empty for not at all
   */
  public record MonthView(String name, String fit, String css) {}

  /** The twelve months, each with the class that it is in. */
  List<MonthView> months(Year year) {
    List<MonthView> out = new ArrayList<>();
    List<Year.Month> all = year.months(practice);
    for (int m = 0; m < all.size(); m++) {
      Year.Month month = all.get(m);
      String fit =
          month.tight() == month.loose()
              ? month.tight().word()
              : month.tight().word() + " to " + month.loose().word();
      out.add(
          new MonthView(
              name(m).substring(0, 3),
              month.seizes() ? "seizes" : fit,
              month.seizes() ? "is-stop" : month.rattles() ? "is-watch" : ""));
    }
    return out;
  }

  /**
   * Something done otherwise.
   *
   * @param what is done
   * @param then what comes of it
   * @param holds whether the joint then stays in its class
   */
  record Help(String what, String then, boolean holds) {}

  /** What would help, what does first. */
  List<Help> otherwise(List<Otherwise> all, String calmer) {
    return all.stream()
        .map(o -> help(o, calmer))
        .sorted(java.util.Comparator.comparing((Help h) -> !h.holds()))
        .toList();
  }

  private Help help(Otherwise o, String calmer) {
    String key = "otherwise." + o.how().name().toLowerCase(Locale.ROOT);
    String then =
        o.today().holds()
            ? PHRASES.of("otherwise.holds", show.fit(o.today().least()), show.fit(o.today().most()))
            : PHRASES.of("otherwise.not", show.fit(o.today().moves()));
    return new Help(PHRASES.of(key, o.fit().named(), calmer), then, o.today().holds());
  }
}
