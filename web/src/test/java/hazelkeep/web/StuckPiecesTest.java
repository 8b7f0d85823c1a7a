package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.Kinds;
import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Restated;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.shop.Shop;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.ShopKind;
import hazelkeep.web.store.ShopStore;
import java.net.http.HttpResponse;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.springframework.web.util.HtmlUtils;

/** A piece that can't be planned any more takes nothing with it. */
class StuckPiecesTest {
  private static final List<String> PAGES =
      List.of(
          "",
          "/route",
          "/holding",
          "/boring",
          "/parts",
          "/bench",
          "/paper",
          "/record",
          "/card",
          "/findings",
          "/file");

  private static App app;

  private final PieceStore pieces = app.bean(PieceStore.class);
  private final ShopStore shops = app.bean(ShopStore.class);
  private final App.Visitor visitor = app.visitor();

  @BeforeAll
  static void open() {
    app = App.start("jdbc:h2:mem:" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1", "demo");
  }

  @AfterAll
  static void close() {
    app.stop();
  }

  private void everyPageOpens(String as) {
    assertThat(visitor.get("/").statusCode()).as("shelf, " + as).isEqualTo(200);
    for (Long id : pieces.names().keySet()) {
      for (String page : PAGES) {
        HttpResponse<String> r = visitor.get("/pieces/" + id + page);
        assertThat(r.statusCode())
            .as("/pieces/%s%s, %s: %s", id, page, as, r.body())
            .isLessThan(500);
      }
    }
  }

  private static <T> List<T> some(List<T> all, Random r) {
    List<T> out = new ArrayList<>();
    for (T t : all) {
      if (r.nextInt(3) > 0) {
        out.add(t);
      }
    }
    return out;
  }

  private static Shop poorer(Shop s, Random r) {
    Shop out = s;
    for (String wall : List.of("jaws", "tools", "bits", "gauges", "centres", "rests", "steadies")) {
      if (r.nextBoolean()) {
        out = Restated.with(out, wall, some((List<?>) Restated.of(s, wall), r));
      }
    }
    return r.nextInt(4) == 0 ? Restated.with(out, "drill", Optional.empty()) : out;
  }

  @Test
  void whatever_is_taken_off_the_wall_every_page_opens() {
    Shop whole = shops.shop();
    Random r = new Random(17);
    try {
      for (int i = 0; i < 2; i++) {
        shops.replace(poorer(whole, r), s -> true);
        everyPageOpens("shop " + i);
      }
    } finally {
      shops.replace(whole, s -> true);
    }
  }

  @Test
  void a_piece_that_can_t_be_drawn_says_why_and_is_let_out_by_a_press() {
    LiddedBoxKind kind = LiddedBoxKind.BOX;
    // As an older version stored it: no path of today lets it be typed.
    LiddedBox bad = LiddedBox.fresh().with("inside.diameter", 200).with("outside.diameter", 60);
    long id = pieces.create("From an older version", kind, bad);
    assertThat(visitor.get("/").body()).contains("can’t be planned", "Inside diameter is 200.0 mm");
    everyPageOpens("a stuck box");
    HttpResponse<String> page = visitor.get("/pieces/" + id + "/route");
    assertThat(page.statusCode()).isEqualTo(200);
    assertThat(page.body())
        .contains("can’t be planned as it is", "Inside diameter is 200.0 mm", "Inside diameter ");
    HttpResponse<String> out =
        visitor.post(
            "/pieces/" + id + "/letgo", "key", "inside.diameter", "version", "1", "whole", "yes");
    assertThat(out.statusCode()).isEqualTo(302);
    assertThat(pieces.get(id).design().sizes()).hasSize(1);
    assertThat(visitor.get("/pieces/" + id).body()).contains("In its blank");
  }

  @Test
  void a_change_that_made_it_so_is_taken_back_by_a_press() {
    LiddedBoxKind kind = LiddedBoxKind.BOX;
    long id = pieces.create("Undone", kind, LiddedBox.fresh());
    pieces.save(
        id,
        1,
        "bad",
        LiddedBox.fresh().with("inside.diameter", 200).with("outside.diameter", 60),
        List.of());
    assertThat(visitor.get("/pieces/" + id).body()).contains("before the last change");
    assertThat(visitor.post("/pieces/" + id + "/undo", "version", "2", "whole", "yes").statusCode())
        .isEqualTo(302);
    assertThat(pieces.get(id).version()).isEqualTo(1);
  }

  @Test
  void a_change_of_the_shop_tells_beforehand_which_pieces_it_breaks() {
    Shop whole = shops.shop();
    try {
      // Of the large bits one is left: without it the canister's seats can't be bored.
      visitor.get("/shop");
      String told = "";
      for (ShopStore.Item bit : shops.items(ShopKind.BIT)) {
        String at = "/shop/bit/" + bit.id() + "/remove";
        HttpResponse<String> r = visitor.post(at);
        if (r.statusCode() == 422) {
          told = r.body();
          assertThat(shops.items(ShopKind.BIT)).extracting(ShopStore.Item::id).contains(bit.id());
          String sure = told.replaceAll("(?s).*name=\"sure\" value=\"([^\"]*)\".*", "$1");
          assertThat(visitor.post(at, "sure", HtmlUtils.htmlUnescape(sure)).statusCode())
              .as("all the same")
              .isEqualTo(302);
          break;
        }
      }
      assertThat(told).contains("Press once", "It concerns ");
    } finally {
      shops.replace(whole, s -> true);
    }
  }

  @Test
  void any_random_design_opens_or_says_why_not() {
    Random r = new Random(23);
    for (Kind<?> kind : Kinds.ALL) {
      for (int i = 0; i < 2; i++) {
        pieces.create("Random " + kind.name(), kind, random(kind, r));
      }
    }
    everyPageOpens("random designs");
  }

  private static <D extends Design> Design random(Kind<D> kind, Random r) {
    Map<DimKey, Size> sizes = new TreeMap<>();
    List<DimKey> keys = kind.rules(kind.fresh()).stream().map(x -> x.key()).toList();
    for (int i = 0; i < 5; i++) {
      sizes.put(keys.get(r.nextInt(keys.size())), Size.mm(0.5 + 120 * r.nextDouble()));
    }
    return Restated.with((Record & Design) kind.fresh(), "sizes", sizes);
  }
}
