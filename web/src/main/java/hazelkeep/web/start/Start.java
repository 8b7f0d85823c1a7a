package hazelkeep.web.start;

import hazelkeep.web.said.Sentences;
import java.io.Console;
import java.io.IOException;
import java.io.PrintStream;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Map;
import java.util.function.Consumer;

/**
 * What the command line asks for. What can't be done is said in a sentence or two, never as a
 * trace.
 *
 * @param folder where the data lie
 * @param port as it is named
 * @param out where to say what was done
 */
public record Start(Folder folder, String port, PrintStream out) {
  private static final String USUAL = "8080";

  /**
   * Does what the command line asks for.
   *
   * @param application starts the application on a data folder
   * @return what the process ends with, when it does: 0 when all is well
   */
  public static int of(
      String[] args, Map<String, String> env, PrintStream out, Consumer<Path> application) {
    try {
      boolean demo = Arrays.stream(args).anyMatch(a -> a.equals("demo") || a.endsWith("=demo"));
      Folder folder = Folder.of(env, System.getProperty("user.home"), demo);
      Start start = new Start(folder, port(args, env), out);
      String command = args.length == 0 ? "" : args[0];
      switch (command) {
        case "backup" -> new Backup(folder, out).write();
        case "restore" -> start.restore(args);
        default -> start.application(application);
      }
      return 0;
    } catch (CantStart e) {
      out.println("Hazel Keep: " + e.getMessage());
      return 1;
    }
  }

  private static String port(String[] args, Map<String, String> env) {
    return Arrays.stream(args)
        .filter(a -> a.startsWith("--server.port="))
        .map(a -> a.substring(a.indexOf('=') + 1))
        .findFirst()
        .orElse(env.getOrDefault("HAZEL_PORT", USUAL));
  }

  private void restore(String[] args) {
    String file =
        Arrays.stream(args)
            .skip(1)
            .filter(a -> !a.equals("demo") && !a.equals("--yes"))
            .findFirst()
            .orElseThrow(() -> new CantStart(Sentences.of("start.name-the-copy-hazel-restore")));
    boolean yes = Arrays.asList(args).contains("--yes");
    folder.made();
    new Restore(folder, out).from(Path.of(file).toAbsolutePath(), () -> yes || asked());
  }

  private boolean asked() {
    Console console = System.console();
    if (console == null) {
      out.println(Sentences.of("start.say-yes-to-bring-the"));
      return false;
    }
    return "yes".equals(console.readLine(Sentences.of("start.bring-the-copy-back-type") + " "));
  }

  private void application(Consumer<Path> application) {
    folder.made();
    new Database(folder).ready();
    Port.free(port);
    try {
      application.accept(folder.path());
    } catch (RuntimeException e) {
      throw new CantStart(
          Sentences.of("start.it-cant-start-in-full", root(e).getMessage(), noted(e)), e);
    }
  }

  private static Throwable root(Throwable e) {
    Throwable root = e;
    while (root.getCause() != null) {
      root = root.getCause();
    }
    return root;
  }

  private Path noted(Throwable e) {
    Path file = folder.path().resolve("start-trouble.txt");
    try (PrintWriter to = new PrintWriter(Files.newBufferedWriter(file))) {
      e.printStackTrace(to);
    } catch (IOException io) {
      out.println("Hazel Keep: " + file + " can't be written");
    }
    return file;
  }
}
