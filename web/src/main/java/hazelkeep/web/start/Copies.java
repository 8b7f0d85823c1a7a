package hazelkeep.web.start;

import hazelkeep.web.said.Sentences;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/** Dated copies of the data, in a folder beside them. None is ever taken away by the program. */
public final class Copies {
  private static final DateTimeFormatter STAMP = DateTimeFormatter.ofPattern("yyyy-MM-dd-HHmmss");

  private final Folder data;
  private final Path copies;
  private final Clock clock;

  /** Of the data in a folder. */
  public Copies(Folder data, Clock clock) {
    this.data = data;
    this.copies = data.path().resolve("copies");
    this.clock = clock;
  }

  /**
   * A copy.
   *
   * @param path its file
   * @param bytes how large
   * @param at when it was written
   */
  public record Copy(Path path, long bytes, Instant at) {
    /** Its file name. */
    public String name() {
      return path.getFileName().toString();
    }
  }

  /** Where they lie. */
  public Path path() {
    return copies;
  }

  /** All of them, the newest first. */
  public List<Copy> all() {
    if (!Files.isDirectory(copies)) {
      return List.of();
    }
    try (Stream<Path> files = Files.list(copies)) {
      return files
          .filter(f -> f.toString().endsWith(".zip"))
          .map(Copies::copy)
          .sorted(Comparator.comparing(Copy::at).reversed())
          .toList();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** The newest of them. */
  public Optional<Copy> newest() {
    return all().stream().findFirst();
  }

  private static Copy copy(Path f) {
    try {
      return new Copy(f, Files.size(f), Files.getLastModifiedTime(f).toInstant());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * Writes one from the open database, while others read and write it.
   *
   * @param why part of its name; empty for none
   */
  public Copy write(Connection db, String why) throws SQLException, IOException {
    Files.createDirectories(copies);
    String stamp = LocalDateTime.now(clock).format(STAMP);
    String name = "hazel-" + (why.isEmpty() ? "" : why + "-") + stamp;
    Path to = copies.resolve(name + ".zip");
    for (int i = 2; Files.exists(to); i++) {
      to = copies.resolve(name + "-" + i + ".zip");
    }
    room();
    Path writing = Files.createTempDirectory(copies, "writing");
    try {
      Path zip = writing.resolve("copy");
      try (Statement s = db.createStatement()) {
        s.execute("backup to '" + zip.toString().replace("'", "''") + "'");
      }
      counted(zip, writing, Held.in(db));
      Files.move(zip, to, StandardCopyOption.ATOMIC_MOVE);
    } finally {
      tidied(writing);
    }
    data.ownerOnly();
    return copy(to);
  }

  /** A copy, and what is unpacked from it to count it, have to fit beside the data. */
  private void room() throws IOException {
    long size = data.database().isPresent() ? Files.size(data.database().get()) : 0;
    long free = Files.getFileStore(copies).getUsableSpace();
    if (free < TIMES * size) {
      throw new IOException(
          Sentences.of("copies.a-copy-takes-mb-and", (TIMES * size >> 20) + 1, free >> 20));
    }
  }

  /** The copy, and the database unpacked from it. */
  private static final int TIMES = 2;

  /** Opens what was written and counts what is in it, before it is called a copy. */
  private static void counted(Path zip, Path beside, Held there) throws SQLException, IOException {
    unpacked(zip, beside.resolve(Folder.DATABASE));
    Held copied;
    try (Connection c =
        DriverManager.getConnection(
            new Folder(beside).url(";ACCESS_MODE_DATA=r;IFEXISTS=TRUE"), "hazel", "")) {
      copied = Held.in(c);
    }
    // What was changed meanwhile may be in it or not.
    if (there.pieces() > 0 && copied.pieces() == 0) {
      throw new IOException(Sentences.of("copies.the-copy-holds-none-of", there.pieces()));
    }
  }

  private static void tidied(Path folder) throws IOException {
    try (Stream<Path> left = Files.list(folder)) {
      for (Path f : left.toList()) {
        Files.deleteIfExists(f);
      }
    }
    Files.deleteIfExists(folder);
  }

  /**
   * Lays the database of a copy where it is wanted.
   *
   * @throws CantStart when the file is no copy
   */
  static void unpacked(Path copy, Path to) throws IOException {
    try (ZipFile zip = new ZipFile(copy.toFile())) {
      ZipEntry entry = zip.getEntry(Folder.DATABASE);
      if (entry == null) {
        throw new CantStart(Sentences.of("copies.is-no-copy-of-hazel", copy, Folder.DATABASE));
      }
      try (InputStream in = zip.getInputStream(entry)) {
        Files.copy(in, to, StandardCopyOption.REPLACE_EXISTING);
      }
    } catch (java.util.zip.ZipException e) {
      throw new CantStart(Sentences.of("copies.is-no-copy-of-hazel-keeps", copy), e);
    }
  }
}
