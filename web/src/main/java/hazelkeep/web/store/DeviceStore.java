package hazelkeep.web.store;

import static hazelkeep.web.store.tables.Tables.DEVICE;

import java.time.Duration;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.jooq.DSLContext;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Repository;

/** The devices that were paired. */
@Repository
public class DeviceStore {
  /** That a device was seen is written no oftener. */
  private static final Duration SEEN = Duration.ofMinutes(10);

  private final DSLContext db;
  private final Writes writes;
  private final ApplicationEventPublisher told;
  private final Map<Long, OffsetDateTime> noted = new ConcurrentHashMap<>();

  /** On a database; who is told when a pairing is taken back. */
  public DeviceStore(DSLContext db, Writes writes, ApplicationEventPublisher told) {
    this.db = db;
    this.writes = writes;
    this.told = told;
  }

  /**
   * A pairing was taken back: what the device has open ends.
   *
   * @param digest of its token
   */
  public record Revoked(String digest) {}

  /**
   * A paired device.
   *
   * @param id its number
   * @param name as it was called when it was paired
   * @param paired when
   * @param seen when it last asked for something
   */
  public record Device(long id, String name, OffsetDateTime paired, OffsetDateTime seen) {}

  /** All of them, the last seen first. */
  public List<Device> all() {
    return db.selectFrom(DEVICE)
        .orderBy(DEVICE.SEEN_AT.desc())
        .fetch(r -> new Device(r.getId(), r.getName(), r.getPairedAt(), r.getSeenAt()));
  }

  /**
   * Pairs a device.
   *
   * @param digest of the token that it is to show
   */
  public void pair(String name, String digest) {
    OffsetDateTime now = now();
    writes.of(
        tx ->
            tx.insertInto(DEVICE)
                .set(DEVICE.NAME, name)
                .set(DEVICE.TOKEN, digest)
                .set(DEVICE.PAIRED_AT, now)
                .set(DEVICE.SEEN_AT, now)
                .execute());
  }

  /** Whether a token of that digest is a paired device's; notes that it was seen. */
  public boolean knows(String digest) {
    Long id = db.select(DEVICE.ID).from(DEVICE).where(DEVICE.TOKEN.eq(digest)).fetchOne(DEVICE.ID);
    if (id == null) {
      return false;
    }
    OffsetDateTime before = noted.get(id);
    OffsetDateTime now = now();
    if (before == null || before.plus(SEEN).isBefore(now)) {
      noted.put(id, now);
      writes.of(tx -> tx.update(DEVICE).set(DEVICE.SEEN_AT, now).where(DEVICE.ID.eq(id)).execute());
    }
    return true;
  }

  /** Takes a device's pairing back; at once. */
  public void revoke(long id) {
    String digest =
        db.select(DEVICE.TOKEN).from(DEVICE).where(DEVICE.ID.eq(id)).fetchOne(DEVICE.TOKEN);
    writes.of(tx -> tx.deleteFrom(DEVICE).where(DEVICE.ID.eq(id)).execute());
    if (digest != null) {
      told.publishEvent(new Revoked(digest));
    }
  }

  private static OffsetDateTime now() {
    return OffsetDateTime.now(ZoneOffset.UTC);
  }
}
