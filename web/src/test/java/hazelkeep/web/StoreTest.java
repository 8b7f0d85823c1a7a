package hazelkeep.web;

import static hazelkeep.web.store.tables.Tables.PIECE_DESIGN;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Hedge;
import hazelkeep.measure.Length;
import hazelkeep.measure.Refused;
import hazelkeep.measure.Size;
import hazelkeep.piece.AsFound;
import hazelkeep.route.Act;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.StepKey;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import hazelkeep.web.json.Json;
import hazelkeep.web.store.Closing;
import hazelkeep.web.store.NotThere;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.RunStore;
import hazelkeep.web.store.ShopStore;
import hazelkeep.web.store.Stale;
import hazelkeep.web.store.Writes;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Entry;
import hazelkeep.workbench.Fact;
import hazelkeep.workbench.Older;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The stores as the application has them, on a database of their own. */
class StoreTest {
  private final LiddedBoxKind kind = LiddedBoxKind.BOX;
  private static App app;

  private final PieceStore pieces = app.bean(PieceStore.class);
  private final RunStore runs = app.bean(RunStore.class);
  private final DSLContext db = app.bean(DSLContext.class);

  @BeforeAll
  static void open() {
    app = App.start("jdbc:h2:mem:" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1", "bare");
  }

  @AfterAll
  static void close() {
    app.stop();
  }

  private int designs(long id) {
    return db.fetchCount(PIECE_DESIGN, PIECE_DESIGN.PIECE_ID.eq(id));
  }

  @Test
  void a_design_comes_back_as_it_was_stored() {
    LiddedBox box = kind.choose(LiddedBox.fresh(), "form", "FREE");
    Map<DimKey, Size> sizes = new TreeMap<>();
    sizes.put(new DimKey("outside.height"), new Size(Length.inches(3.625), Hedge.AT_MOST));
    sizes.put(new DimKey("inside.depth"), Size.mm(61.234567));
    box = box.with(sizes);
    long id = pieces.create("Free", kind, box);
    assertThat(pieces.get(id).design()).isEqualTo(box);
  }

  @Test
  void random_sizes_come_back_exactly() {
    Random r = new Random(8);
    for (int i = 0; i < 60; i++) {
      Map<DimKey, Size> sizes = new TreeMap<>();
      sizes.put(
          new DimKey("outside.height"),
          new Size(Length.mm(20 + 500 * r.nextDouble()), Hedge.values()[r.nextInt(4)]));
      LiddedBox back =
          (LiddedBox) pieces.get(pieces.create("R", kind, LiddedBox.fresh().with(sizes))).design();
      Size was = sizes.get(new DimKey("outside.height"));
      Size is = back.sizes().get(new DimKey("outside.height"));
      assertThat(is).isEqualTo(was);
    }
  }

  @Test
  void versions_branch_and_none_is_ever_overwritten() {
    long id = pieces.create("Branches", kind, LiddedBox.fresh());
    int two = pieces.save(id, 1, "two", LiddedBox.fresh().with("outside.height", 80), List.of());
    Piece at2 = pieces.get(id);
    Piece back = pieces.before(at2).orElseThrow();
    pieces.travel(id, two, back.version());
    int three =
        pieces.save(id, 1, "three", LiddedBox.fresh().with("outside.height", 70), List.of());
    assertThat(three).isEqualTo(3);
    assertThat(pieces.get(id).undo()).isTrue();
    assertThat(pieces.get(id).redo()).isFalse();
    Piece first = pieces.before(pieces.get(id)).orElseThrow();
    assertThat(first.version()).isEqualTo(1);
    assertThat(pieces.after(first).orElseThrow().version()).as("the newest branch").isEqualTo(3);
    assertThat(pieces.before(first)).isEmpty();
    assertThat(designs(id)).isEqualTo(3);
  }

  @Test
  void a_stale_change_stores_nothing() {
    long id = pieces.create("Stale", kind, LiddedBox.fresh());
    pieces.save(id, 1, "a", LiddedBox.fresh().with("outside.height", 80), List.of());
    assertThatThrownBy(() -> pieces.save(id, 1, "b", LiddedBox.fresh(), List.of()))
        .isInstanceOf(Stale.class);
    assertThatThrownBy(() -> pieces.travel(id, 1, 1)).isInstanceOf(Stale.class);
    assertThat(pieces.get(id).version()).isEqualTo(2);
    assertThat(designs(id)).isEqualTo(2);
    assertThatThrownBy(() -> pieces.get(404)).isInstanceOf(NotThere.class);
  }

  @Test
  void edits_of_the_route_come_back() {
    List<RouteEdit> edits =
        List.of(
            new RouteEdit.MoveAfter(new StepKey("lid/inside"), new StepKey("top/top")),
            new RouteEdit.Drop(new StepKey("bench/sign")));
    long id = pieces.create("Edits", kind, LiddedBox.fresh());
    pieces.save(id, 1, "edit", LiddedBox.fresh(), edits);
    assertThat(pieces.get(id).edits()).isEqualTo(edits);
  }

  @Test
  void facts_are_added_in_order_and_a_late_one_is_refused_with_what_came_between() {
    long id = pieces.create("Facts", kind, LiddedBox.fresh());
    runs.start(id);
    runs.start(id);
    assertThat(runs.started(id)).isTrue();
    runs.add(id, 0, 1, new Fact.Paused("one"));
    runs.add(id, 1, 1, new Fact.Paused("two"));
    assertThatThrownBy(() -> runs.add(id, 1, 1, new Fact.Paused("late")))
        .isInstanceOfSatisfying(Stale.class, s -> assertThat(s.now()).isEqualTo(2));
    assertThat(runs.log(id)).extracting(Entry::no).containsExactly(1L, 2L);
  }

  @Test
  void a_change_of_the_design_is_noted_in_an_open_run_and_taken_back_with_it() {
    long id = pieces.create("Noted", kind, LiddedBox.fresh());
    pieces.save(id, 1, "no run yet", LiddedBox.fresh().with("outside.height", 80), List.of());
    assertThat(runs.log(id)).isEmpty();
    runs.start(id);
    pieces.save(id, 2, "lower", LiddedBox.fresh().with("outside.height", 70), List.of());
    assertThat(runs.log(id)).extracting(Entry::fact).containsExactly(new Fact.Changed(3, 2));
    Piece now = pieces.get(id);
    assertThatThrownBy(() -> pieces.takeBack(now, 0, 1, 2)).isInstanceOf(Stale.class);
    assertThat(pieces.get(id).version()).as("neither half is stored").isEqualTo(3);
    pieces.takeBack(now, 1, 1, 2);
    assertThat(pieces.get(id).version()).isEqualTo(2);
    assertThat(runs.log(id)).hasSize(2);
    assertThat(Fact.lastToTakeBack(runs.log(id))).isEmpty();
  }

  @Test
  void of_two_tabs_that_write_at_once_one_is_refused() throws Exception {
    long id = pieces.create("Race", kind, LiddedBox.fresh());
    runs.start(id);
    ExecutorService two = Executors.newFixedThreadPool(2);
    for (int round = 0; round < 20; round++) {
      long last = runs.last(id);
      CountDownLatch go = new CountDownLatch(1);
      List<Future<Boolean>> done = new ArrayList<>();
      for (int i = 0; i < 2; i++) {
        done.add(
            two.submit(
                () -> {
                  go.await();
                  try {
                    runs.add(id, last, 1, new Fact.Paused("x"));
                    return true;
                  } catch (Stale e) {
                    return false;
                  }
                }));
      }
      go.countDown();
      int won = 0;
      for (Future<Boolean> f : done) {
        won += f.get() ? 1 : 0;
      }
      assertThat(won).isEqualTo(1);
      assertThat(runs.last(id)).isEqualTo(last + 1);
    }
    two.shutdown();
  }

  @Test
  void every_fact_comes_back_with_its_frozen_wood() {
    long id = pieces.create("All facts", kind, LiddedBox.fresh());
    runs.start(id);
    Bench<LiddedBox> bench =
        Bench.replay(kind, LiddedBox.fresh(), Shop.starter(), List.of(), List.of());
    List<Fact> facts =
        List.of(
            bench.did(new StepKey("centres/tenons")),
            bench.did(new StepKey("whole/part")),
            bench.did(new StepKey("body/jam")),
            bench.read(new DimKey("recess.diameter"), "calipers", 49.31, 49.31),
            bench.onTheWay(new DimKey("spigot.diameter"), "calipers", 51, 51),
            bench.found(new AsFound("body", AsFound.What.DIAMETER, 20, 57), "a “catch”"),
            bench.found(
                new AsFound("body", AsFound.What.CRACK, 20, 45, 6, 90, false), "beside the grain"),
            bench.replaced("lid", bench.fresh("lid")),
            new Fact.Withdrawn(2),
            new Fact.Changed(3, 2),
            new Fact.Paused("sand"));
    for (int i = 0; i < facts.size(); i++) {
      runs.add(id, i, 1, facts.get(i));
    }
    List<Fact> back = runs.log(id).stream().map(Entry::fact).toList();
    for (int i = 0; i < facts.size(); i++) {
      assertThat(back.get(i)).isEqualTo(facts.get(i));
    }
  }

  /** A run as it was stored before facts were whole is made whole at the next start, once. */
  @Test
  void an_older_run_is_made_whole_at_the_next_start() {
    String database = "jdbc:h2:mem:" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1";
    App older = App.start(database, "bare");
    long id = older.bean(PieceStore.class).create("Older", kind, LiddedBox.fresh());
    older.bean(RunStore.class).start(id);
    Bench<LiddedBox> bench =
        Bench.replay(kind, LiddedBox.fresh(), Shop.starter(), List.of(), List.of());
    Fact.Done d = bench.did(new StepKey("centres/round"));
    Json json = app.bean(Json.class);
    String text =
        "{\"type\":\"done\",\"step\":\"centres/round\",\"acts\":%s,\"dims\":%s}"
            .formatted(
                json.mapper()
                    .writerFor(Act[].class)
                    .writeValueAsString(d.acts().toArray(Act[]::new)),
                json.write(d.dims()));
    older
        .bean(DSLContext.class)
        .execute("insert into run_entry values (?, 1, now(), 1, ?)", id, text);
    older.bean(DSLContext.class).execute("update run set whole = false");
    older.stop();
    App newer = App.start(database, "bare");
    Fact whole = newer.bean(RunStore.class).log(id).get(0).fact();
    assertThat(Older.lacks(whole)).isFalse();
    assertThat(((Fact.Done) whole).mounting()).isEqualTo(d.mounting());
    assertThat(((Fact.Done) whole).title()).isEqualTo("Round the blank");
    newer.stop();
  }

  @Test
  void a_region_survives_the_text_it_is_stored_as() {
    HalfSection h =
        HalfSection.box(0.1, 70.3, 0, 30.7)
            .minus(HalfSection.box(10, 80, 0, 15.123))
            .plus(HalfSection.box(90, 95, 2, 3));
    assertThat(HalfSection.parse(h.text())).isEqualTo(h);
    assertThatThrownBy(() -> HalfSection.parse("POLYGON ((0 0, 1 1, 0 1, 1 0, 0 0))"))
        .isInstanceOf(Refused.class);
    assertThatThrownBy(() -> HalfSection.parse("wood")).isInstanceOf(Refused.class);
  }

  @Test
  void the_starter_shop_is_stocked_once_and_comes_back_equal() {
    ShopStore store = app.bean(ShopStore.class);
    assertThat(store.shop()).isEqualTo(Shop.starter());
    int items = db.fetchCount(DSL.table("shop_item"));
    ShopStore again = new ShopStore(db, app.bean(Writes.class), app.bean(Json.class));
    assertThat(again.shop()).isEqualTo(Shop.starter());
    assertThat(db.fetchCount(DSL.table("shop_item"))).isEqualTo(items);
  }

  @Test
  void a_record_is_written_and_amended_and_a_late_one_is_refused() {
    long id = pieces.create("Record", kind, LiddedBox.fresh());
    assertThat(runs.closing(id)).isEmpty();
    Map<DimKey, Double> made = Map.of(new DimKey("inside.depth"), 61.4);
    runs.close(id, 0, new RunStore.Words("snug", "for M.", ""), made);
    runs.close(id, 1, new RunStore.Words("suction", "for M.", "two coats"), made);
    for (int late = 0; late < 2; late++) {
      int seen = late;
      assertThatThrownBy(() -> runs.close(id, seen, new RunStore.Words("late", "", ""), made))
          .isInstanceOf(Stale.class);
    }
    assertThat(runs.closing(id).orElseThrow().fitFelt()).isEqualTo("suction");
    assertThat(runs.closing(id).orElseThrow().version()).isEqualTo(2);
    assertThat(runs.closing(id).orElseThrow().made())
        .containsEntry(new DimKey("inside.depth"), 61.4);
  }

  /** Several tabs that start, write, change and record at once: one wins, the others are told. */
  @Test
  void of_many_tabs_at_once_nobody_gets_anything_but_done_or_told() throws Exception {
    long id = pieces.create("Eight tabs", kind, LiddedBox.fresh());
    ExecutorService eight = Executors.newFixedThreadPool(8);
    for (int round = 0; round < 10; round++) {
      CountDownLatch go = new CountDownLatch(1);
      int version = pieces.get(id).version();
      long last = runs.last(id);
      int record = runs.closing(id).map(Closing::version).orElse(0);
      double height = 70 + round;
      List<Callable<Object>> kinds =
          List.of(
              () -> started(id),
              () ->
                  pieces.save(
                      id,
                      version,
                      "h",
                      LiddedBox.fresh().with("outside.height", height),
                      List.of()),
              () -> added(id, last),
              () -> closed(id, record));
      List<Future<Boolean>> all = new ArrayList<>();
      for (int tab = 0; tab < 8; tab++) {
        Callable<Object> write = kinds.get(tab % kinds.size());
        all.add(eight.submit(() -> won(go, write)));
      }
      go.countDown();
      int won = 0;
      for (Future<Boolean> f : all) {
        won += f.get() ? 1 : 0;
      }
      assertThat(won).as("both starts, one change, at most one fact, one record").isBetween(4, 5);
      assertThat(pieces.get(id).version()).isEqualTo(version + 1);
    }
    eight.shutdown();
  }

  private static boolean won(CountDownLatch go, Callable<Object> write) throws Exception {
    go.await();
    try {
      write.call();
      return true;
    } catch (Stale e) {
      return false;
    }
  }

  private boolean started(long id) {
    runs.start(id);
    return true;
  }

  private boolean added(long id, long last) {
    runs.add(id, last, 1, new Fact.Paused("x"));
    return true;
  }

  private boolean closed(long id, int seen) {
    runs.close(id, seen, new RunStore.Words("fit", "", ""), Map.of());
    return true;
  }
}
