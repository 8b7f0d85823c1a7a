package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.DimKey;
import hazelkeep.measure.Size;
import hazelkeep.piece.Design;
import hazelkeep.web.start.Copies;
import hazelkeep.web.start.Folder;
import hazelkeep.web.start.Start;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.ShelfStore;
import hazelkeep.web.store.Tidying;
import hazelkeep.web.store.Writes;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What was on the shelf is there at the next start, or it is told before anything is written. */
class WholeDataTest {
  @TempDir Path dir;
  private boolean opened;

  private App app() {
    return App.on(dir);
  }

  private String started() {
    ByteArrayOutputStream said = new ByteArrayOutputStream();
    opened = false;
    Start.of(
        new String[0],
        Map.of("HAZEL_PORT", "0", "HAZEL_DATA", dir.toString()),
        new PrintStream(said, true, StandardCharsets.UTF_8),
        data -> opened = true);
    return said.toString(StandardCharsets.UTF_8);
  }

  private Path database() {
    return dir.resolve("hazel.mv.db");
  }

  private static void create(App app, int pieces) {
    for (int i = 0; i < pieces; i++) {
      app.bean(PieceStore.class).create("Box " + i, LiddedBoxKind.BOX, LiddedBox.fresh());
    }
  }

  @Test
  void a_shelf_that_lost_its_end_is_told_and_stays_as_it_is() throws IOException {
    App app = app();
    create(app, 1);
    app.stop();
    Path early = Files.copy(database(), dir.resolve("early"));
    app = app();
    create(app, 14);
    Path copy = app.bean(Writes.class).copied(new Copies(new Folder(dir), Clock.systemUTC()));
    app.stop();
    assertThat(started()).isEmpty();
    Files.copy(early, database(), StandardCopyOption.REPLACE_EXISTING);
    byte[] was = Files.readAllBytes(database());
    assertThat(started())
        .contains("there were 15 pieces; now there are 1", "last 14 changes", copy.toString());
    assertThat(opened).isFalse();
    assertThat(Files.readAllBytes(database())).isEqualTo(was);
    Files.delete(dir.resolve("held"));
    assertThat(started()).isEmpty();
    assertThat(opened).as("he wants it so").isTrue();
  }

  @Test
  void an_empty_file_and_none_are_told_with_what_a_restore_left() throws IOException {
    App app = app();
    create(app, 2);
    app.stop();
    Path aside = dir.resolve("hazel-before-restore-2026-12-01-101500.mv.db");
    Files.move(database(), aside);
    assertThat(started()).contains("There are no data in", "A restore left", aside.toString());
    assertThat(database()).doesNotExist();
    Files.createFile(database());
    assertThat(started()).contains("0 bytes", "There is no copy in");
    assertThat(Files.size(database())).isZero();
    assertThat(opened).isFalse();
    Files.move(aside, database(), StandardCopyOption.REPLACE_EXISTING);
    assertThat(started()).isEmpty();
    assertThat(opened).isTrue();
  }

  @Test
  void pieces_thrown_away_on_purpose_are_no_loss() {
    App app = app();
    create(app, 3);
    ShelfStore shelf = app.bean(ShelfStore.class);
    app.bean(PieceStore.class).names().keySet().forEach(id -> shelf.take(id, true));
    app.stop();
    assertThat(started()).isEmpty();
    assertThat(opened).isTrue();
  }

  @Test
  void what_does_not_belong_to_it_keeps_its_rights() throws IOException {
    Path elsewhere = Files.createDirectory(dir.resolve("program"));
    Path program = executable(elsewhere.resolve("hazel-run.zip"));
    Path data = Files.createDirectory(dir.resolve("data"));
    Path script = executable(data.resolve("backup.sh"));
    Path note = Files.writeString(data.resolve("hazel-notes.txt"), "mine");
    Files.createSymbolicLink(data.resolve("hazel-before-x.mv.db"), program);
    Files.createSymbolicLink(data.resolve("copies"), elsewhere);
    String before = PosixFilePermissions.toString(Files.getPosixFilePermissions(note));
    Path made = Files.createFile(data.resolve("start-trouble.txt"));
    Start.of(
        new String[0],
        Map.of("HAZEL_PORT", "0", "HAZEL_DATA", data.toString()),
        System.out,
        d -> opened = true);
    assertThat(opened).isTrue();
    assertThat(rights(program)).isEqualTo("rwxr-xr-x");
    assertThat(rights(script)).isEqualTo("rwxr-xr-x");
    assertThat(rights(note)).isEqualTo(before);
    assertThat(rights(made)).isEqualTo("rw-------");
    assertThat(rights(data.resolve("hazel.mv.db"))).isEqualTo("rw-------");
  }

  private static Path executable(Path file) throws IOException {
    Files.writeString(file, "#!/bin/sh\n");
    return Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rwxr-xr-x"));
  }

  private static String rights(Path file) throws IOException {
    return PosixFilePermissions.toString(Files.getPosixFilePermissions(file));
  }

  @Test
  void a_copy_that_breaks_off_is_no_copy() throws SQLException {
    Copies copies = new Copies(new Folder(dir), Clock.systemUTC());
    // A database in memory can't be copied to a file: the copy breaks off as on a full disk.
    try (Connection db = DriverManager.getConnection("jdbc:h2:mem:broken")) {
      assertThatThrownBy(() -> copies.write(db, "")).isInstanceOf(SQLException.class);
    }
    assertThat(copies.all()).isEmpty();
    assertThat(copies.path()).isEmptyDirectory();
  }

  /** 20,000 changes are to stay under 30 MB: each may leave a kilobyte and a half. */
  @Test
  void the_file_stays_small_over_many_changes_and_is_made_smaller() throws IOException {
    int changes = Integer.getInteger("hazel.changes", 600);
    App app = app();
    create(app, 1);
    PieceStore pieces = app.bean(PieceStore.class);
    long id = pieces.names().keySet().iterator().next();
    // Room that was left is used again a little later: what is left once is no growth.
    change(pieces, id, 200);
    long begun = Files.size(database());
    change(pieces, id, changes);
    long ended = Files.size(database());
    // A megabyte is more than what changes of a second or two leave until it is used again.
    assertThat(ended - begun).isLessThan(changes * 30L * 1024 * 1024 / 20_000 + 1024 * 1024);
    assertThat(app.bean(Tidying.class).thinned()).as("all of today").isZero();
    app.stop();
    assertThat(Files.size(database())).isLessThan(ended / 2);
    assertThat(started()).isEmpty();
  }

  private static void change(PieceStore pieces, long id, int times) {
    for (int i = 0; i < times; i++) {
      Piece piece = pieces.get(id);
      Design next =
          LiddedBoxKind.BOX.size(
              (LiddedBox) piece.design(),
              new DimKey("body.height"),
              Optional.of(Size.mm(60 + i % 300 / 10.0)));
      pieces.save(id, piece.version(), "Height", next, List.of());
    }
  }

  @Test
  void old_versions_are_thinned_to_one_a_day_and_the_way_back_goes_on() throws SQLException {
    App app = app();
    create(app, 1);
    PieceStore pieces = app.bean(PieceStore.class);
    long id = pieces.names().keySet().iterator().next();
    for (int i = 0; i < 9; i++) {
      Piece piece = pieces.get(id);
      pieces.save(id, piece.version(), "", piece.design(), List.of());
    }
    // Ten versions: three a day, long ago.
    try (Connection db = app.bean(javax.sql.DataSource.class).getConnection()) {
      db.createStatement()
          .execute(
              "update piece_design set created_at = timestamp with time zone"
                  + " '2020-01-01 10:00:00+00' + (version / 3) * interval '1' day");
      if (!db.getAutoCommit()) {
        db.commit();
      }
    }
    assertThat(app.bean(Tidying.class).thinned()).isEqualTo(4);
    List<Integer> back = new ArrayList<>();
    Optional<Piece> at = Optional.of(pieces.get(id));
    while (at.isPresent()) {
      back.add(at.get().version());
      at = pieces.before(at.get());
    }
    // The first, the last of each day, and the one in force.
    assertThat(back).containsExactly(10, 9, 8, 5, 2, 1);
    app.stop();
  }
}
