package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.web.store.NotWritten;
import hazelkeep.web.store.PieceStore;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Path;
import org.h2.store.fs.FileBase;
import org.h2.store.fs.FilePath;
import org.h2.store.fs.FilePathWrapper;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The disk runs full in the middle of the work, and has room again. */
class FullDiskTest {
  private static volatile boolean full;

  @TempDir Path data;
  private App app;

  /** A file system that takes nothing while the disk is full. */
  public static final class Disk extends FilePathWrapper {
    @Override
    public String getScheme() {
      return "disk";
    }

    @Override
    public FileChannel open(String mode) throws IOException {
      return new Channel(super.open(mode));
    }
  }

  private static final class Channel extends FileBase {
    private final FileChannel file;

    Channel(FileChannel file) {
      this.file = file;
    }

    private static void room() throws IOException {
      if (full) {
        throw new IOException("No space left on device");
      }
    }

    @Override
    public int read(ByteBuffer to) throws IOException {
      return file.read(to);
    }

    @Override
    public int read(ByteBuffer to, long at) throws IOException {
      return file.read(to, at);
    }

    @Override
    public int write(ByteBuffer from) throws IOException {
      room();
      return file.write(from);
    }

    @Override
    public int write(ByteBuffer from, long at) throws IOException {
      room();
      return file.write(from, at);
    }

    @Override
    public long position() throws IOException {
      return file.position();
    }

    @Override
    public FileChannel position(long at) throws IOException {
      file.position(at);
      return this;
    }

    @Override
    public long size() throws IOException {
      return file.size();
    }

    @Override
    public FileChannel truncate(long to) throws IOException {
      file.truncate(to);
      return this;
    }

    @Override
    public void force(boolean meta) throws IOException {
      file.force(meta);
    }

    @Override
    public FileLock tryLock(long at, long size, boolean shared) throws IOException {
      return file.tryLock(at, size, shared);
    }

    @Override
    protected void implCloseChannel() throws IOException {
      file.close();
    }
  }

  @BeforeEach
  void open() {
    FilePath.register(new Disk());
    app = App.start("jdbc:h2:disk:" + data.resolve("hazel") + ";WRITE_DELAY=0", "bare");
  }

  @AfterEach
  void close() {
    full = false;
    app.stop();
  }

  private int health(App.Visitor visitor) {
    return visitor.get("/actuator/health").statusCode();
  }

  @Test
  void a_change_is_refused_in_words_reading_goes_on_and_writing_comes_back_by_itself() {
    PieceStore pieces = app.bean(PieceStore.class);
    long id = pieces.create("Full", LiddedBoxKind.BOX, LiddedBox.fresh());
    String at = "/pieces/" + id;
    App.Visitor visitor = app.visitor();
    visitor.get(at);
    String[] size = {"version", "1", "key", "outside.height", "value", "87.3"};
    full = true;
    for (int i = 0; i < 3; i++) {
      HttpResponse<String> r = visitor.post(at + "/size", size);
      assertThat(r.statusCode()).as("try %s", i).isEqualTo(507);
      assertThat(r.body())
          .contains(NotWritten.WORDS.substring(0, 20), "87.3", "Send it again")
          .doesNotContain("harmed");
      assertThat(visitor.get(at).statusCode()).as("reading goes on").isEqualTo(200);
      assertThat(visitor.get("/").statusCode()).isEqualTo(200);
      assertThat(health(visitor)).isEqualTo(503);
    }
    assertThat(pieces.get(id).version()).isEqualTo(1);
    full = false;
    assertThat(visitor.post(at + "/size", size).statusCode()).isEqualTo(200);
    assertThat(pieces.get(id).version()).isEqualTo(2);
    assertThat(health(visitor)).isEqualTo(200);
  }

  @Test
  void what_asks_for_a_part_of_a_page_gets_the_words_alone() {
    long id = app.bean(PieceStore.class).create("Part", LiddedBoxKind.BOX, LiddedBox.fresh());
    App.Visitor visitor = app.visitor();
    visitor.get("/pieces/" + id);
    full = true;
    HttpResponse<String> r =
        visitor.asPart(
            "/pieces/" + id + "/size", "version", "1", "key", "outside.height", "value", "87.3");
    assertThat(r.statusCode()).isEqualTo(507);
    assertThat(r.body()).isEqualTo(NotWritten.WORDS);
  }
}
