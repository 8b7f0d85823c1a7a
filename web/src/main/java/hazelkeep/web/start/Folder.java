package hazelkeep.web.start;

import hazelkeep.web.said.Sentences;
import java.io.IOException;
import java.nio.file.FileStore;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * Where the data lie: {@code HAZEL_DATA}, or a folder of the user's own beside other programs'
 * data. Only the owner can read what is in it.
 *
 * @param path absolute
 */
public record Folder(Path path) {
  /** The database in it. */
  static final String DATABASE = "hazel.mv.db";

  private static final String NAME = "hazel-keep";

  /**
   * The folder that the environment names.
   *
   * @param env the environment
   * @param home the user's home
   * @param demo whether the demo's pieces are meant: they lie apart from one's own
   * @throws CantStart when its name is no path
   */
  public static Folder of(Map<String, String> env, String home, boolean demo) {
    String named = env.getOrDefault("HAZEL_DATA", "").strip();
    try {
      Path path =
          named.isEmpty() ? usual(env, home).resolve(demo ? "demo" : "own") : Path.of(named);
      Path absolute = path.toAbsolutePath().normalize();
      if (absolute.toString().contains(";")) {
        throw new CantStart(Sentences.of("folder.hazel-data-is-the-path", named));
      }
      return new Folder(absolute);
    } catch (InvalidPathException e) {
      throw new CantStart(Sentences.of("folder.hazel-data-is-that-is", named), e);
    }
  }

  /** As each system keeps its users' data. */
  private static Path usual(Map<String, String> env, String home) {
    String system = System.getProperty("os.name", "").toLowerCase(Locale.ROOT);
    if (system.contains("win") && env.containsKey("APPDATA")) {
      return Path.of(env.get("APPDATA"), NAME);
    }
    if (system.contains("mac")) {
      return Path.of(home, "Library", "Application Support", NAME);
    }
    String xdg = env.getOrDefault("XDG_DATA_HOME", "");
    return Path.of(xdg).isAbsolute() ? Path.of(xdg, NAME) : Path.of(home, ".local", "share", NAME);
  }

  /**
   * Makes it when it is not there.
   *
   * @throws CantStart when it can't be made or written
   */
  public void made() {
    try {
      if (Files.exists(path) && !Files.isDirectory(path)) {
        throw new CantStart(Sentences.of("folder.the-data-cant-lie-in", path));
      }
      Files.createDirectories(path);
      ownerOnly();
    } catch (IOException e) {
      throw new CantStart(Sentences.of("folder.the-folder-cant-be-made", path), e);
    }
    if (!Files.isWritable(path)) {
      throw new CantStart(Sentences.of("folder.the-folder-cant-be-written", path));
    }
  }

  /** Takes the folder and what is in it from everybody else's eyes, where the system can. */
  void ownerOnly() throws IOException {
    FileStore store = Files.getFileStore(path);
    if (!store.supportsFileAttributeView("posix")) {
      return;
    }
    try (Stream<Path> files = Files.walk(path, 2)) {
      for (Path f : files.toList()) {
        Files.setPosixFilePermissions(
            f, PosixFilePermissions.fromString(Files.isDirectory(f) ? "rwx------" : "rw-------"));
      }
    }
  }

  /** The database, when there is one. */
  public Optional<Path> database() {
    Path db = path.resolve(DATABASE);
    return Files.exists(db) ? Optional.of(db) : Optional.empty();
  }

  /** The address of the database. */
  String url(String more) {
    return "jdbc:h2:file:" + path.resolve("hazel") + ";WRITE_DELAY=0;TRACE_LEVEL_FILE=0" + more;
  }
}
