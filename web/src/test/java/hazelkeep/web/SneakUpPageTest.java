package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.fit.Next;
import hazelkeep.fit.Seen;
import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Unit;
import hazelkeep.practice.Custom;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.ShopKind;
import hazelkeep.web.store.ShopStore;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import hazelkeep.workbench.Learnt;
import hazelkeep.workbench.Sneaking;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.net.InetAddress;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A fit at the bench, the instruments that send to it, and practice without wood. */
class SneakUpPageTest {
  private static final App APP = App.start("jdbc:h2:mem:sneak;DB_CLOSE_DELAY=-1", "test");
  private final App.Visitor visitor = APP.visitor();
  private final PieceStore pieces = APP.bean(PieceStore.class);
  private final RunStore runs = APP.bean(RunStore.class);
  private final Planner planner = APP.bean(Planner.class);
  private long id;

  @AfterAll
  static void stop() {
    APP.stop();
  }

  /** A box at the step that brings its spigot to a jam. */
  @BeforeEach
  void jam() {
    LiddedBox box = Restated.with(LiddedBox.fresh(), "species", "Black cherry");
    id = pieces.create("Sneak box", LiddedBoxKind.BOX, box);
    runs.start(id);
    long last = 0;
    while (sneaking() == null) {
      Piece p = pieces.get(id);
      Bench<?> bench = planner.bench(p);
      runs.add(id, last++, p.version(), bench.did(bench.next().orElseThrow().key()));
    }
    visitor.get(path());
  }

  private String path() {
    return "/pieces/" + id + "/bench/fit";
  }

  private Sneaking sneaking() {
    List<Entry> log = runs.log(id);
    return Sneaking.of(planner.bench(pieces.get(id), log), log).orElse(null);
  }

  private HttpResponse<String> seen(String what, String value) {
    return visitor.post(path() + "/seen", "what", what, "value", value, "last", "" + runs.last(id));
  }

  @Test
  void from_a_reading_to_the_next_diameter_to_the_fit() {
    ShopStore shops = APP.bean(ShopStore.class);
    Practice was = shops.shop().practice();
    // The hand is known: the usual figures are its own.
    List<Custom> known = was.with(Line.SNEAK_UNKNOWN, OptionalDouble.of(1)).own();
    shops.only(ShopKind.PRACTICE, known, s -> true);
    try {
      toTheFit();
    } finally {
      shops.only(ShopKind.PRACTICE, was.own(), s -> true);
    }
  }

  private void toTheFit() {
    assertThat(visitor.get(path()).body()).contains("Measure the recess");
    double recess = sneaking().so().aimed().recess();
    double spigot = sneaking().so().aimed().spigot();
    seen("RECESS", Unit.MM.showFit(recess));
    seen("RECESS", Unit.MM.showFit(recess));
    assertThat(visitor.get(path()).body()).contains("Measure the spigot at its root");
    seen("ROOT", Unit.MM.showFit(spigot));
    Next next = Next.of(sneaking().so());
    assertThat(next.what()).isEqualTo(Next.Do.CUT);
    String page = visitor.get(path()).body();
    assertThat(page)
        .contains("Turn the spigot to ⌀ " + Unit.MM.showFit(next.target()))
        .contains(Unit.MM.showFit(next.amount() / 2) + " mm a side")
        .contains("Goes past the fit in");
    assertThat(visitor.get("/pieces/" + id + "/bench").body()).contains("Sneak up, led");
    for (int i = 0; i < 12 && next.amount() > 0; i++) {
      seen("CUT", Unit.MM.showFit(next.amount()));
      spigot -= next.amount();
      seen("ROOT", Unit.MM.showFit(spigot));
      next = Next.of(sneaking().so());
    }
    assertThat(next.what()).isEqualTo(Next.Do.TRY);
    seen("FORCE", "");
    assertThat(visitor.get(path()).body()).contains("It is there").contains("goes on with force");
  }

  @Test
  void what_is_doubted_is_told_kept_and_asked_for_again() {
    double recess = sneaking().so().aimed().recess();
    seen("RECESS", Unit.MM.showFit(recess));
    seen("ROOT", Unit.MM.showFit(sneaking().so().aimed().spigot()));
    seen("ROOT", "43.6 in");
    String page = visitor.get(path()).body();
    assertThat(page).contains("is none that this joint can have").contains("the other unit?");
    seen("DROPS", "");
    assertThat(visitor.get(path()).body()).contains("does not go with the calipers");
    assertThat(runs.log(id).stream().filter(e -> e.fact() instanceof Fact.Tried)).hasSize(4);
    // Back takes back the last thing seen, and stays on the way to the fit.
    HttpResponse<String> back =
        visitor.post("/pieces/" + id + "/bench/back?to=fit", "last", "" + runs.last(id));
    assertThat(back.headers().firstValue("Location").orElse("")).endsWith("/bench/fit");
    assertThat(visitor.get(path()).body()).doesNotContain("drops, rattles (doubted)");
  }

  @Test
  void nonsense_is_refused_and_kept_typed() {
    assertThat(seen("ROOT", "wide").body()).contains("value=\"wide\"").contains("Accepted: 54");
    assertThat(seen("SINKS", "long").statusCode()).isEqualTo(422);
    assertThat(seen("NOTHING", "1").body()).contains("Say what was seen");
    assertThat(seen("CUT", "-1").statusCode()).isEqualTo(422);
    assertThat(seen("ROOT", "9".repeat(5000)).statusCode()).isEqualTo(422);
    assertThat(runs.log(id)).noneMatch(e -> e.fact() instanceof Fact.Tried);
    String last = "" + runs.last(id);
    seen("RECESS", "50.1");
    HttpResponse<String> late =
        visitor.post(path() + "/seen", "what", "RECESS", "value", "50.2", "last", last);
    assertThat(late.statusCode()).isEqualTo(409);
    HttpResponse<String> again =
        visitor.post(
            path() + "/seen", "what", "RECESS", "value", "50.1", "last", last, "again", "true");
    assertThat(again.statusCode()).as("sent twice, entered once").isEqualTo(302);
    assertThat(runs.log(id).stream().filter(e -> e.fact() instanceof Fact.Tried)).hasSize(1);
  }

  /** The step was done in another tab: what comes from the fit's page is not taken for stored. */
  @Test
  void a_reading_after_the_step_was_done_elsewhere_is_refused() {
    long last = runs.last(id);
    Bench<?> bench = planner.bench(pieces.get(id));
    runs.add(id, last, pieces.get(id).version(), bench.did(bench.next().orElseThrow().key()));
    HttpResponse<String> late =
        visitor.post(path() + "/seen", "what", "RECESS", "value", "50.2", "last", "" + last);
    assertThat(late.statusCode()).isEqualTo(409);
    assertThat(runs.log(id)).noneMatch(e -> e.fact() instanceof Fact.Tried);
  }

  @Test
  void a_step_that_makes_no_fit_leads_back_to_the_bench() {
    long other = pieces.create("Plain", LiddedBoxKind.BOX, LiddedBox.fresh());
    assertThat(visitor.get("/pieces/" + other + "/bench/fit").statusCode()).isEqualTo(302);
    runs.start(other);
    assertThat(visitor.get("/pieces/" + other + "/bench/fit").statusCode()).isEqualTo(302);
  }

  @Test
  void logs_say_what_was_learnt_and_the_turner_decides() {
    double spigot = sneaking().so().aimed().spigot();
    for (int i = 0; i < 8; i++) {
      seen("ROOT", Unit.MM.showFit(spigot));
      seen("ROOT", Unit.MM.showFit(spigot + (i % 2 == 0 ? 0.08 : -0.08)));
    }
    String page = visitor.get("/shop/learnt").body();
    assertThat(page).contains("cases say").contains("which your cases speak against");
    assertThat(planner.shop().practice().own()).isEmpty();
    visitor.post("/shop/learnt", "line", "read.fit");
    assertThat(planner.shop().practice().own())
        .singleElement()
        .satisfies(c -> assertThat(c.value()).isGreaterThan(0.03));
    visitor.post("/shop/practice", "was", "", "read.fit", "");
  }

  @Test
  void instruments_send_over_a_line_and_the_page_hears_it() throws Exception {
    HttpClient http = HttpClient.newHttpClient();
    URI stream = URI.create(APP.base() + "/instruments/stream");
    assertThat(
            http.send(
                    HttpRequest.newBuilder(stream).build(), HttpResponse.BodyHandlers.discarding())
                .statusCode())
        .as("switched off nothing listens")
        .isEqualTo(404);
    visitor.get("/instruments");
    visitor.post("/instruments/on");
    String page = visitor.get("/instruments?piece=" + id).body();
    Matcher port = Pattern.compile("num\">(\\d{4,5})</strong>").matcher(page);
    assertThat(port.find()).isTrue();
    CompletableFuture<List<String>> heard = heard(http, stream, 2);
    try (Socket s = new Socket(InetAddress.getLoopbackAddress(), Integer.parseInt(port.group(1)))) {
      assertThat(say(s, "caliper 45,62 mm")).startsWith("ok");
      assertThat(say(s, "caliper 45,62 mm")).contains("left out");
      assertThat(say(s, "caliper 1.796 in")).startsWith("ok");
      assertThat(say(s, "spoon 3 mm")).startsWith("?").contains("is no device");
      assertThat(say(s, "\u0001\u0002 \u00ff")).startsWith("?");
      assertThat(say(s, "moisture-meter 140 %")).contains("reads from 0 to 100 %");
      assertThat(say(s, "x".repeat(50_000))).startsWith("?");
    }
    assertThat(heard.get(20, TimeUnit.SECONDS))
        .anyMatch(l -> l.contains("\"mm\":\"45.62\""))
        .anyMatch(l -> l.contains("\"inch\":\"1.796\""));
    HttpResponse<String> read = visitor.post("/instruments/read", "piece", "" + id, "no", "0");
    assertThat(read.statusCode()).isEqualTo(302);
    assertThat(visitor.get("/instruments?piece=" + id).body()).contains("calipers, recess: ");
    assertThat(visitor.get(path()).body()).contains("data-instruments=\"on\"");
    visitor.post("/instruments/off");
    assertThat(visitor.get(path()).body()).doesNotContain("data-instruments");
  }

  private static CompletableFuture<List<String>> heard(HttpClient http, URI stream, int n)
      throws Exception {
    HttpResponse<java.io.InputStream> r =
        http.send(
            HttpRequest.newBuilder(stream).build(), HttpResponse.BodyHandlers.ofInputStream());
    return CompletableFuture.supplyAsync(
        () -> {
          List<String> out = new ArrayList<>();
          try (BufferedReader in =
              new BufferedReader(new InputStreamReader(r.body(), StandardCharsets.UTF_8))) {
            while (out.size() < n) {
              String line = in.readLine();
              if (line == null) {
                break;
              }
              if (line.startsWith("data:")) {
                out.add(line);
              }
            }
          } catch (IOException e) {
            throw new java.io.UncheckedIOException(e);
          }
          return out;
        });
  }

  private static String say(Socket s, String line) throws IOException {
    s.getOutputStream().write((line + "\n").getBytes(StandardCharsets.UTF_8));
    s.getOutputStream().flush();
    StringBuilder out = new StringBuilder();
    for (int c = s.getInputStream().read(); c >= 0 && c != '\n'; c = s.getInputStream().read()) {
      out.append((char) c);
    }
    return out.toString();
  }

  @Test
  void a_fit_is_practised_and_shown_at_the_end() {
    visitor.get("/practise");
    String at =
        visitor
            .post("/practise/fit", "piece", "" + id, "manner", "HASTY", "led", "true")
            .headers()
            .firstValue("Location")
            .orElseThrow();
    at = at.replace(APP.base(), "");
    assertThat(visitor.get(at).body()).contains("Measure the recess.").doesNotContain("of 300");
    visitor.post(at, "what", "RECESS");
    visitor.post(at, "what", "ROOT");
    assertThat(visitor.get(at).body()).contains("Take off ");
    assertThat(visitor.post(at, "what", "CUT", "amount", "lots").body())
        .contains("Accepted: 54")
        .contains("value=\"lots\"");
    assertThat(visitor.post(at, "what", "CUT", "amount", "5").statusCode()).isEqualTo(422);
    visitor.post(at, "what", "CUT", "amount", "1,6");
    // How much is there to begin with is a throw of the dice: both together are more than ever.
    visitor.post(at, "what", "CUT", "amount", "1.5");
    visitor.post(at, "what", "STOP");
    assertThat(visitor.get(at).body())
        .contains("It went past")
        .contains("Your largest cut, 1.60 mm")
        .contains("Of 300 such fits that a hasty hand made");
    assertThat(visitor.get("/practise/fit/0-0").statusCode()).isEqualTo(404);
  }

  @Test
  void riddles_are_judged_by_the_rehearsal() {
    String order = visitor.get("/practise/order?day=20000").body();
    Matcher step = Pattern.compile("<option value=\"([^\"]+)\"").matcher(order);
    assertThat(step.find()).isTrue();
    String key = App.Visitor.encoded(step.group(1));
    assertThat(visitor.get("/practise/order?day=20000&what=" + key + "&after=" + key).body())
        .contains("That is where it stands.");
    assertThat(visitor.get("/practise/order?day=20000&what=nothing&after=none").statusCode())
        .isLessThan(500);
    var riddle = hazelkeep.practise.Mistake.of(20_000);
    String right = riddle.options().stream().filter(riddle::solvedBy).findFirst().orElseThrow();
    String wrong =
        riddle.options().stream().filter(o -> !riddle.solvedBy(o)).findFirst().orElseThrow();
    String asked = "/practise/mistake?day=20000&title=";
    assertThat(visitor.get(asked + App.Visitor.encoded(right)).body()).contains("Right.");
    assertThat(visitor.get(asked + App.Visitor.encoded(wrong)).body())
        .contains("No, the rehearsal");
    assertThat(visitor.get("/practise/mistake?day=20000&answer=x").body())
        .contains("What was planted: " + riddle.planted().label());
  }

  @Test
  void a_seen_thing_is_stored_as_it_was() {
    seen("SINKS", "3,5 s");
    Fact last = runs.log(id).get(runs.log(id).size() - 1).fact();
    assertThat(last).isEqualTo(new Fact.Tried("closure", new Seen(Seen.What.SINKS, 3.5), ""));
    assertThat(Learnt.of(List.of(runs.log(id)), java.util.Set.of(), planner.shop().practice()))
        .isEmpty();
  }
}
