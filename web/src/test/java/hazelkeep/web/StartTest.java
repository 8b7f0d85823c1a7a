package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.web.start.Start;
import hazelkeep.web.store.PieceStore;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.channels.FileChannel;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.HashMap;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** What stands in the way of a start is said in a sentence; copies are written and brought back. */
class StartTest {
  @TempDir Path dir;
  private boolean opened;
  private boolean interrupted;

  /** What a command said, and what it ended with. */
  private record Ended(int code, String said) {}

  private Ended start(Map<String, String> env, String... args) {
    ByteArrayOutputStream said = new ByteArrayOutputStream();
    Map<String, String> all = new HashMap<>(Map.of("HAZEL_PORT", "0"));
    all.putAll(env);
    opened = false;
    int code =
        Start.of(args, all, new PrintStream(said, true, StandardCharsets.UTF_8), this::application);
    return new Ended(code, said.toString(StandardCharsets.UTF_8));
  }

  /** In the application's place: it brings the data up to date, unless it is interrupted. */
  private void application(Path data) {
    opened = true;
    if (!interrupted) {
      try {
        Files.deleteIfExists(data.resolve("bringing-up-to-date"));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
  }

  private Ended on(Path data, String... args) {
    return start(Map.of("HAZEL_DATA", data.toString()), args);
  }

  private void refused(Ended e, String... words) {
    assertThat(e.code).as(e.said).isEqualTo(1);
    assertThat(opened).isFalse();
    assertThat(e.said).contains(words);
    assertThat(e.said.lines()).as("a sentence, no trace").hasSize(1);
  }

  private Path database(Path data) {
    return data.resolve("hazel.mv.db");
  }

  @Test
  void a_new_folder_is_made_for_its_owner_alone() throws IOException {
    Path data = dir.resolve("new/deep folder äö");
    assertThat(on(data).code).isZero();
    assertThat(opened).isTrue();
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(data)))
        .isEqualTo("rwx------");
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(database(data))))
        .isEqualTo("rw-------");
  }

  @Test
  void a_relative_path_is_taken_from_where_one_stands() {
    Path here = Path.of("").toAbsolutePath();
    Path relative = here.relativize(dir.resolve("beside"));
    assertThat(on(relative).code).isZero();
    assertThat(database(dir.resolve("beside"))).exists();
  }

  @Test
  void paths_that_can_t_be_are_named() throws IOException {
    Path file = Files.writeString(dir.resolve("file"), "no folder");
    refused(on(file), "that is a file");
    refused(on(file.resolve("in it")), "can't be made", "HAZEL_DATA");
    refused(on(dir.resolve("semi;colon")), "semicolon");
  }

  @Test
  void ports_that_can_t_be_are_named() throws IOException {
    String data = dir.resolve("port").toString();
    refused(start(Map.of("HAZEL_DATA", data, "HAZEL_PORT", "80a")), "HAZEL_PORT", "whole number");
    refused(start(Map.of("HAZEL_DATA", data, "HAZEL_PORT", "70000")), "65535");
    try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getLoopbackAddress())) {
      String port = Integer.toString(taken.getLocalPort());
      refused(
          start(Map.of("HAZEL_DATA", data, "HAZEL_PORT", port)), port, "is taken", "HAZEL_PORT=");
    }
  }

  @Test
  void a_second_start_on_the_same_data_is_told() throws IOException {
    Path data = dir.resolve("twice");
    on(data);
    try (FileChannel other = FileChannel.open(database(data), StandardOpenOption.WRITE)) {
      other.lock();
      refused(on(data), "running already", data.toString());
    }
    assertThat(on(data).code).isZero();
  }

  @Test
  void a_damaged_file_is_told_with_the_newest_copy_and_stays_as_it_is() throws IOException {
    Path data = dir.resolve("damaged");
    App.start("jdbc:h2:file:" + data.resolve("hazel"), "bare").stop();
    Ended copied = on(data, "backup");
    assertThat(copied.said).startsWith("Copied to ");
    byte[] rubbish =
        "no database at all, but as long as one has to be"
            .repeat(400)
            .getBytes(StandardCharsets.UTF_8);
    Files.write(database(data), rubbish);
    String copy = copied.said.replace("Copied to ", "").strip();
    refused(on(data), "damaged", "./hazel restore " + copy);
    assertThat(Files.readAllBytes(database(data))).isEqualTo(rubbish);
    assertThat(on(data, "restore", copy, "--yes").said).contains("Brought back");
    assertThat(on(data).code).isZero();
    try (Stream<Path> kept = Files.list(data)) {
      assertThat(kept.filter(f -> f.toString().contains("before-restore")))
          .as("what was there is kept")
          .hasSize(1);
    }
  }

  @Test
  void data_of_a_newer_program_are_left_alone() throws Exception {
    Path data = dir.resolve("newer");
    App.start("jdbc:h2:file:" + data.resolve("hazel"), "bare").stop();
    try (Connection db =
            DriverManager.getConnection("jdbc:h2:file:" + data.resolve("hazel"), "hazel", "");
        Statement s = db.createStatement()) {
      s.execute(
          "insert into \"flyway_schema_history\" select 99, '99', 'later', \"type\", 'V99__later.sql',"
              + " 0, \"installed_by\", now(), 1, true from \"flyway_schema_history\" where"
              + " \"version\" = '1'");
    }
    refused(on(data), "newer Hazel Keep", "Nothing was changed");
  }

  /** Stopped in the middle of bringing old data up to date, the next start begins from the copy. */
  @Test
  void an_interrupted_step_is_begun_again_from_the_copy_before_it() throws Exception {
    Path data = dir.resolve("older");
    String url = "jdbc:h2:file:" + data.resolve("hazel");
    App first = App.start(url, "bare");
    first.bean(PieceStore.class).create("From before", LiddedBoxKind.BOX, LiddedBox.fresh());
    first.stop();
    try (Connection db = DriverManager.getConnection(url, "hazel", "");
        Statement s = db.createStatement()) {
      s.execute("alter table piece_record drop column version");
      s.execute("alter table run drop column whole");
      s.execute("drop table device");
      s.execute("drop table piece_fit");
      s.execute("drop index piece_changed");
      s.execute("drop index piece_wood");
      for (String column : new String[] {"wood", "away", "gone_at", "waits_until", "waits_for"}) {
        s.execute("alter table piece drop column " + column);
      }
      s.execute(
          "delete from \"flyway_schema_history\" where \"version\" in ('3', '4', '5', '6', '7', '8', '9')");
      s.execute("drop sequence change_count");
    }
    interrupted = true;
    assertThat(on(data).code).isZero();
    assertThat(data.resolve("bringing-up-to-date")).exists();
    assertThat(data.resolve("copies")).isDirectoryContaining("glob:**hazel-before-*.zip");
    try (Connection db = DriverManager.getConnection(url, "hazel", "");
        Statement s = db.createStatement()) {
      s.execute("drop table piece_record");
    }
    assertThat(on(data).code).isZero();
    App again = App.start(url, "bare");
    assertThat(again.bean(PieceStore.class).names()).containsValue("From before");
    again.stop();
  }

  @Test
  void a_copy_is_compared_before_it_is_brought_back() throws Exception {
    Path data = dir.resolve("compared");
    String url = "jdbc:h2:file:" + data.resolve("hazel");
    App app = App.start(url, "bare");
    PieceStore pieces = app.bean(PieceStore.class);
    pieces.create("Old", LiddedBoxKind.BOX, LiddedBox.fresh());
    app.stop();
    String copy = on(data, "backup").said.replace("Copied to ", "").strip();
    app = App.start(url, "bare");
    app.bean(PieceStore.class).create("Since then", LiddedBoxKind.BOX, LiddedBox.fresh());
    app.stop();
    Ended asked = on(data, "restore", copy);
    assertThat(asked.said)
        .contains(
            "The copy holds 1 pieces", "Now there are 2 pieces", "Not in the copy: Since then")
        .contains("Nothing was changed");
    on(data, "restore", copy, "--yes");
    app = App.start(url, "bare");
    assertThat(app.bean(PieceStore.class).names().values()).containsExactly("Old");
    app.stop();
    refused(on(data, "restore", dir.resolve("nothing.zip").toString()), "There is no file");
    Path text = Files.writeString(dir.resolve("text.zip"), "no zip");
    refused(on(data, "restore", text.toString()), "no copy of Hazel Keep's data");
  }
}
