package hazelkeep.web.start;

import hazelkeep.web.said.Sentences;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
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
      boolean made = !Files.exists(path);
      Files.createDirectories(path);
      if (made && posix()) {
        Files.setPosixFilePermissions(path, PosixFilePermissions.fromString("rwx------"));
      }
      ownerOnly();
    } catch (IOException e) {
      throw new CantStart(Sentences.of("folder.the-folder-cant-be-made", path), e);
    }
    if (!Files.isWritable(path)) {
      throw new CantStart(Sentences.of("folder.the-folder-cant-be-written", path));
    }
  }

  /** What the program writes: the database, notes beside it, copies. */
  private static final Pattern OWN =
      Pattern.compile(
          "hazel(-[a-z0-9-]+)?\\.(mv|trace|lock)\\.db|copies|restoring|hazel-[A-Za-z0-9-]+\\.zip"
              + "|running|held|bringing-up-to-date|start-trouble\\.txt|sharing\\.p12");

  /**
   * Takes its own files from everybody else's eyes, where the system can. What else lies in the
   * folder is left as it is, and so is whatever a link leads to.
   */
  void ownerOnly() throws IOException {
    if (!posix()) {
      return;
    }
    try (Stream<Path> files = Files.walk(path.toRealPath(), 2)) {
      for (Path f : files.filter(this::own).toList()) {
        Files.setPosixFilePermissions(
            f, PosixFilePermissions.fromString(Files.isDirectory(f) ? "rwx------" : "rw-------"));
      }
    }
  }

  private boolean own(Path file) {
    return !Files.isSymbolicLink(file)
        && !Files.isSymbolicLink(file.getParent())
        && OWN.matcher(file.getFileName().toString()).matches();
  }

  private boolean posix() throws IOException {
    return Files.getFileStore(path).supportsFileAttributeView("posix");
  }

  /** The database, when there is one. */
  public Optional<Path> database() {
    Path db = path.resolve(DATABASE);
    return Files.exists(db) ? Optional.of(db) : Optional.empty();
  }

  /**
   * How the database keeps its file. Each change is brought to the disk by itself ({@code Writes}),
   * and room that it left is used again a second later; half a second is what the thread waits that
   * does so. Like texts are packed. When it is closed the file is made as small as it gets in five
   * seconds.
   */
  private static final String KEPT =
      ";WRITE_DELAY=500;RETENTION_TIME=1000;COMPRESS=TRUE;MAX_COMPACT_TIME=5000;TRACE_LEVEL_FILE=0";

  /** The address of the database. */
  public String url(String more) {
    return "jdbc:h2:file:" + path.resolve("hazel") + KEPT + more;
  }
}
