package hazelkeep.web.store;

import static hazelkeep.web.store.tables.Tables.SHOP_ITEM;

import hazelkeep.air.Climate;
import hazelkeep.air.Climates;
import hazelkeep.measure.Refused;
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
import hazelkeep.web.json.Json;
import hazelkeep.web.said.Sentences;
import hazelkeep.wood.Species;
import hazelkeep.wood.Woods;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.springframework.stereotype.Repository;

/** What is on the wall, an item a row. An empty wall is stocked with the starter shop. */
@Repository
public class ShopStore {
  private final DSLContext db;
  private final Writes writes;
  private final Json json;
  private Shop kept;

  /**
   * A thing on the wall.
   *
   * @param id its row
   * @param version counts its changes
   * @param kind what it is
   * @param thing the core's record
   */
  public record Item(long id, int version, ShopKind kind, java.lang.Record thing) {}

  /** On a database and a mapper. */
  public ShopStore(DSLContext db, Writes writes, Json json) {
    this.db = db;
    this.writes = writes;
    this.json = json;
  }

  /** The shop. */
  public synchronized Shop shop() {
    if (kept == null) {
      if (db.fetchCount(SHOP_ITEM) == 0) {
        writes.of(tx -> stock(tx, Shop.starter()));
      }
      List<Lathe> lathe = all(ShopKind.LATHE, Lathe.class);
      kept =
          new Shop(
              all(ShopKind.JAWS, JawSet.class),
              all(ShopKind.TOOL, Tool.class),
              all(ShopKind.BIT, Bit.class),
              all(ShopKind.GAUGE, Gauge.class),
              all(ShopKind.CENTRE, Centre.class),
              lathe.isEmpty() ? Shop.starter().lathe() : lathe.get(0),
              all(ShopKind.REST, Rest.class),
              all(ShopKind.STEADY, Steady.class),
              all(ShopKind.SCREW, WoodScrew.class),
              all(ShopKind.CHUCK, KeptChuck.class),
              all(ShopKind.LANDMARK, Landmark.class),
              all(ShopKind.PUSH, PushTest.class).stream().findFirst(),
              new Woods(all(ShopKind.WOOD, Species.class)),
              all(ShopKind.EXTENSION, Extension.class),
              all(ShopKind.DRILL, DrillChuck.class).stream().findFirst(),
              new Practice(all(ShopKind.PRACTICE, Custom.class), all(ShopKind.BOUND, Bound.class)),
              new Climates(all(ShopKind.CLIMATE, Climate.class)));
    }
    return kept;
  }

  private <T> List<T> all(ShopKind kind, Class<T> type) {
    return items(kind).stream().map(i -> type.cast(i.thing())).toList();
  }

  /** Everything of a kind, in the turner's order. */
  public List<Item> items(ShopKind kind) {
    return db.selectFrom(SHOP_ITEM)
        .where(SHOP_ITEM.KIND.eq(kind.key()))
        .orderBy(SHOP_ITEM.SORT, SHOP_ITEM.ID)
        .fetch(this::item);
  }

  /**
   * A thing by its row.
   *
   * @throws NotThere when there is none
   */
  public Item item(long id) {
    return db.selectFrom(SHOP_ITEM)
        .where(SHOP_ITEM.ID.eq(id))
        .fetchOptional(this::item)
        .orElseThrow(() -> new NotThere(Sentences.of("any.this-is-no-longer")));
  }

  private Item item(Record r) {
    ShopKind kind = ShopKind.named(r.get(SHOP_ITEM.KIND)).orElseThrow();
    return new Item(
        r.get(SHOP_ITEM.ID),
        r.get(SHOP_ITEM.VERSION),
        kind,
        json.read(r.get(SHOP_ITEM.DOCUMENT), kind.type()));
  }

  /**
   * Hangs a thing on the wall.
   *
   * @throws Refused when there is one of that name
   */
  public long add(ShopKind kind, java.lang.Record thing) {
    return changed(
        tx -> {
          if (kind.single()) {
            tx.deleteFrom(SHOP_ITEM).where(SHOP_ITEM.KIND.eq(kind.key())).execute();
          }
          unique(tx, kind, kind.nameOf(thing), 0);
          return put(tx, kind, thing);
        });
  }

  /**
   * Changes a thing.
   *
   * @param version the version that was changed
   * @throws Stale when it was changed meanwhile
   * @throws Refused when there is another of that name
   */
  public void change(long id, int version, java.lang.Record thing) {
    ShopKind kind = item(id).kind();
    changed(
        tx -> {
          unique(tx, kind, kind.nameOf(thing), id);
          int rows =
              tx.update(SHOP_ITEM)
                  .set(SHOP_ITEM.NAME, kind.nameOf(thing))
                  .set(SHOP_ITEM.DOCUMENT, json.write(thing))
                  .set(SHOP_ITEM.VERSION, version + 1)
                  .where(SHOP_ITEM.ID.eq(id).and(SHOP_ITEM.VERSION.eq(version)))
                  .execute();
          if (rows == 0) {
            throw new Stale(version);
          }
          return id;
        });
  }

  /** Takes a thing off the wall. */
  public void remove(long id) {
    changed(tx -> (long) tx.deleteFrom(SHOP_ITEM).where(SHOP_ITEM.ID.eq(id)).execute());
  }

  /**
   * Hangs things of a kind on the wall; one of the same name gives way. All of them, or none.
   *
   * @param same whether what is on the wall is still what the writer has seen
   * @throws Stale when it was changed meanwhile
   */
  public void lay(ShopKind kind, List<? extends java.lang.Record> things, Predicate<Shop> same) {
    changed(
        tx -> {
          seen(same);
          for (java.lang.Record t : things) {
            tx.deleteFrom(SHOP_ITEM)
                .where(SHOP_ITEM.KIND.eq(kind.key()).and(SHOP_ITEM.NAME.eq(kind.nameOf(t))))
                .execute();
            put(tx, kind, t);
          }
          return 0L;
        });
  }

  /**
   * Replaces all things of a kind.
   *
   * @param same whether what is on the wall is still what the writer has seen
   * @throws Stale when it was changed meanwhile
   */
  public void only(ShopKind kind, List<? extends java.lang.Record> things, Predicate<Shop> same) {
    changed(
        tx -> {
          seen(same);
          tx.deleteFrom(SHOP_ITEM).where(SHOP_ITEM.KIND.eq(kind.key())).execute();
          things.forEach(t -> put(tx, kind, t));
          return 0L;
        });
  }

  /**
   * Replaces everything on the wall, or nothing when something is wrong with it.
   *
   * @param same whether what is on the wall is still what the writer has seen
   * @throws Stale when it was changed meanwhile
   */
  public void replace(Shop shop, Predicate<Shop> same) {
    changed(
        tx -> {
          seen(same);
          tx.deleteFrom(SHOP_ITEM).execute();
          return stock(tx, shop);
        });
  }

  private void seen(Predicate<Shop> same) {
    if (!same.test(shop())) {
      throw new Stale(0);
    }
  }

  /** One change at a time: a name is looked for and given within the same one. */
  private synchronized long changed(Function<DSLContext, Long> change) {
    long id = writes.of(change);
    kept = null;
    return id;
  }

  private static void unique(DSLContext tx, ShopKind kind, String name, long but) {
    boolean taken =
        tx.fetchExists(
            tx.selectFrom(SHOP_ITEM)
                .where(
                    SHOP_ITEM
                        .KIND
                        .eq(kind.key())
                        .and(SHOP_ITEM.NAME.eq(name))
                        .and(SHOP_ITEM.ID.ne(but))));
    if (taken) {
      throw new Refused(Sentences.of("shopStore.there-is-already-one", name));
    }
  }

  private long stock(DSLContext tx, Shop shop) {
    for (ShopKind kind : ShopKind.values()) {
      kind.of(shop).forEach(thing -> put(tx, kind, thing));
    }
    return 0;
  }

  private long put(DSLContext tx, ShopKind kind, java.lang.Record thing) {
    return tx.insertInto(SHOP_ITEM)
        .set(SHOP_ITEM.KIND, kind.key())
        .set(SHOP_ITEM.SORT, 0)
        .set(SHOP_ITEM.NAME, kind.nameOf(thing))
        .set(SHOP_ITEM.DOCUMENT, json.write(thing))
        .returning(SHOP_ITEM.ID)
        .fetchOne(SHOP_ITEM.ID);
  }
}
