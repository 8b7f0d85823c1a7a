package hazelkeep.web;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** The application as a process of its own, as it is started from the command line. */
final class RealProcess {
  private static final String OPEN = "Hazel Keep is open at ";

  private final Process process;
  private final List<String> said = new ArrayList<>();
  private String base = "";

  private RealProcess(Process process) {
    this.process = process;
  }

  /** Starts it on a data folder and waits until it is open, or has ended. */
  static RealProcess start(Path data, String... args) throws IOException {
    List<String> command =
        new ArrayList<>(
            List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-Xmx384m",
                "-XX:+UseSerialGC",
                "-XX:TieredStopAtLevel=1",
                "-cp",
                System.getProperty("java.class.path"),
                "hazelkeep.web.HazelKeepApplication"));
    command.addAll(List.of(args));
    return started(data, command);
  }

  /** The same as its users start it, built already. */
  static RealProcess packaged(Path data) throws IOException {
    String command = Path.of("..", "hazel").toAbsolutePath().normalize().toString();
    return started(data, List.of(command, "start"));
  }

  private static RealProcess started(Path data, List<String> command) throws IOException {
    ProcessBuilder builder = new ProcessBuilder(command).redirectErrorStream(true);
    builder.environment().putAll(Map.of("HAZEL_DATA", data.toString(), "HAZEL_PORT", "0"));
    RealProcess out = new RealProcess(builder.start());
    out.listen();
    return out;
  }

  private void listen() throws IOException {
    BufferedReader lines =
        new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8));
    for (String line = lines.readLine(); line != null; line = lines.readLine()) {
      said.add(line);
      int at = line.indexOf(OPEN);
      if (at >= 0) {
        base = line.substring(at + OPEN.length()).strip().replaceAll("/$", "");
        return;
      }
    }
  }

  App.Visitor visitor() {
    return new App.Visitor(base);
  }

  /** What it printed until it was open, or ended. */
  List<String> said() {
    return said;
  }

  /** What it ended with. */
  int ended() throws InterruptedException {
    process.waitFor();
    return process.exitValue();
  }

  /** Ends it as a power cut does: nothing is tidied up. */
  void kill() throws InterruptedException {
    process.destroyForcibly();
    process.waitFor();
  }

  /** Asks it to end. */
  void stop() throws InterruptedException {
    process.destroy();
    process.waitFor();
  }
}
