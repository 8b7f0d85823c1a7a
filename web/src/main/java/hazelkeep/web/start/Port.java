package hazelkeep.web.start;

import hazelkeep.web.said.Sentences;
import java.io.IOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;

/** The port that the application listens on. */
final class Port {
  private static final int LAST = 65_535;

  private Port() {}

  /**
   * Looks whether a port can be had.
   *
   * @param named as {@code HAZEL_PORT} says it
   * @throws CantStart when it can't be
   */
  static void free(String named) {
    int port = number(named);
    try (ServerSocket s = new ServerSocket()) {
      s.setReuseAddress(true);
      s.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), port));
    } catch (IOException e) {
      throw new CantStart(
          Sentences.of(
              "port.port-is-taken-or-cant", port, port < LAST && port >= 1024 ? port + 1 : 8081),
          e);
    }
  }

  private static int number(String named) {
    try {
      int port = Integer.parseInt(named.strip());
      if (port >= 0 && port <= LAST) {
        return port;
      }
    } catch (NumberFormatException e) {
      // Told below, with what would do.
    }
    throw new CantStart(Sentences.of("port.hazel-port-is-a-port", named, LAST));
  }
}
