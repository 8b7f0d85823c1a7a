package hazelkeep.web.store;

import static hazelkeep.web.store.tables.Tables.SHOP_ITEM;

import hazelkeep.shop.Bit;
import hazelkeep.shop.Centre;
import hazelkeep.shop.Gauge;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Lathe;
import hazelkeep.shop.Shop;
import hazelkeep.shop.Tool;
import hazelkeep.web.json.Json;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What is on the wall, an item a row. An empty wall is stocked with the starter shop. */
@Repository
public class ShopStore {
  private final DSLContext db;
  private final Json json;
  private Shop kept;

  /** On a database and a mapper. */
  public ShopStore(DSLContext db, Json json) {
    this.db = db;
    this.json = json;
  }

  /** The shop. */
  public synchronized Shop shop() {
    if (kept == null) {
      if (db.fetchCount(SHOP_ITEM) == 0) {
        stock(Shop.starter());
      }
      kept =
          new Shop(
              items("jaws", JawSet.class),
              items("tool", Tool.class),
              items("bit", Bit.class),
              items("gauge", Gauge.class),
              items("drive", Centre.class).get(0),
              items("live", Centre.class).get(0),
              items("pad", Centre.class).get(0),
              items("lathe", Lathe.class).get(0));
    }
    return kept;
  }

  private <T> List<T> items(String kind, Class<T> type) {
    return db.selectFrom(SHOP_ITEM)
        .where(SHOP_ITEM.KIND.eq(kind))
        .orderBy(SHOP_ITEM.SORT, SHOP_ITEM.ID)
        .fetch(r -> json.read(r.getDocument(), type));
  }

  private void stock(Shop shop) {
    db.transaction(
        tx -> {
          shop.jaws().forEach(j -> put(tx.dsl(), "jaws", j.name(), j));
          shop.tools().forEach(t -> put(tx.dsl(), "tool", t.name(), t));
          shop.bits().forEach(b -> put(tx.dsl(), "bit", b.name(), b));
          shop.gauges().forEach(g -> put(tx.dsl(), "gauge", g.name(), g));
          put(tx.dsl(), "drive", shop.drive().name(), shop.drive());
          put(tx.dsl(), "live", shop.live().name(), shop.live());
          put(tx.dsl(), "pad", shop.pad().name(), shop.pad());
          put(tx.dsl(), "lathe", "lathe", shop.lathe());
        });
  }

  private void put(DSLContext tx, String kind, String name, Object item) {
    tx.insertInto(SHOP_ITEM)
        .set(SHOP_ITEM.KIND, kind)
        .set(SHOP_ITEM.SORT, 0)
        .set(SHOP_ITEM.NAME, name)
        .set(SHOP_ITEM.DOCUMENT, json.write(item))
        .execute();
  }
}
