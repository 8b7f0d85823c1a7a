package hazelkeep.web.instrument;

import hazelkeep.instrument.Sent;
import hazelkeep.measure.Refused;
import hazelkeep.web.said.Sentences;
import jakarta.annotation.PreDestroy;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.Semaphore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * The port that a bridge of a real instrument writes to, a reading a line. It is there while
 * instruments are switched on, and only this machine reaches it.
 */
@Component
class InstrumentPort {
  private static final Logger LOG = LoggerFactory.getLogger(InstrumentPort.class);
  private static final int CONNECTIONS = 8;
  private static final int IDLE_MS = 10 * 60 * 1000;

  /** The same reading again so soon is a bounce of the button, ms. */
  private static final long BOUNCE = 300;

  private final Readings readings;
  private final boolean wanted;
  private final int port;
  private final Semaphore room = new Semaphore(CONNECTIONS);
  private ServerSocket open;

  InstrumentPort(
      Readings readings,
      @Value("${HAZEL_INSTRUMENTS:}") String wanted,
      @Value("${HAZEL_INSTRUMENTS_PORT:8095}") int port) {
    this.readings = readings;
    this.wanted = wanted.equals("1");
    this.port = port;
  }

  @EventListener(ApplicationReadyEvent.class)
  void started() {
    if (wanted) {
      open();
    }
  }

  /** Whether instruments are switched on. */
  synchronized boolean isOpen() {
    return open != null;
  }

  /** The port; 0 while it is closed. */
  synchronized int port() {
    return open == null ? 0 : open.getLocalPort();
  }

  /**
   * Opens it.
   *
   * @throws IllegalStateException when the port is taken
   */
  synchronized void open() {
    if (open != null) {
      return;
    }
    try {
      open = new ServerSocket(port, CONNECTIONS, InetAddress.getLoopbackAddress());
    } catch (IOException e) {
      throw new IllegalStateException(Sentences.of("instrumentPort.port-cant-be-opened", port), e);
    }
    ServerSocket socket = open;
    daemon(() -> accept(socket));
    LOG.info("Instruments may send to port {} of this machine", open.getLocalPort());
  }

  /** Closes it. */
  @PreDestroy
  synchronized void close() {
    if (open != null) {
      try {
        open.close();
      } catch (IOException e) {
        LOG.warn("The port of the instruments was not closed cleanly: {}", e.getMessage());
      }
      open = null;
      readings.close();
    }
  }

  private static void daemon(Runnable work) {
    Thread t = new Thread(work, "instruments");
    t.setDaemon(true);
    t.start();
  }

  private void accept(ServerSocket socket) {
    while (!socket.isClosed()) {
      try {
        Socket bridge = socket.accept();
        if (room.tryAcquire()) {
          daemon(() -> listen(bridge));
        } else {
          bridge.close();
        }
      } catch (IOException e) {
        if (!socket.isClosed()) {
          LOG.warn("An instrument was not let in: {}", e.getMessage());
        }
      }
    }
  }

  private void listen(Socket bridge) {
    try (bridge) {
      bridge.setSoTimeout(IDLE_MS);
      InputStream in = bridge.getInputStream();
      OutputStream out = bridge.getOutputStream();
      Bounce bounce = new Bounce();
      boolean known = false;
      for (String line = line(in); line != null; line = line(in)) {
        if (!line.isBlank()) {
          String answer = answer(line, bounce);
          out.write((answer + "\n").getBytes(StandardCharsets.UTF_8));
          out.flush();
          known |= !answer.startsWith(REFUSED);
          if (!known) {
            // What does not begin with a reading is no instrument: a page of the web, say.
            return;
          }
        }
      }
    } catch (IOException e) {
      LOG.debug("An instrument went away: {}", e.getMessage());
    } finally {
      room.release();
    }
  }

  /** A line of at most so many bytes; what is longer is cut, so that noise fills no memory. */
  private static String line(InputStream in) throws IOException {
    StringBuilder out = new StringBuilder();
    int c = in.read();
    if (c < 0) {
      return null;
    }
    while (c >= 0 && c != '\n') {
      if (out.length() <= Sent.LONGEST && c != '\r') {
        out.append((char) c);
      }
      c = in.read();
    }
    return out.toString();
  }

  private static final class Bounce {
    private String last = "";
    private long at;

    boolean is(String line) {
      long now = System.nanoTime() / 1_000_000;
      boolean same = line.equals(last) && now - at < BOUNCE;
      last = line;
      at = now;
      return same;
    }
  }

  private static final String REFUSED = "? ";

  private String answer(String line, Bounce bounce) {
    try {
      Sent sent = Sent.parse(line);
      if (bounce.is(line)) {
        return Sentences.of("instrumentPort.the-same-again-at");
      }
      return "ok " + readings.hand(sent);
    } catch (Refused | UncheckedIOException e) {
      return REFUSED + e.getMessage();
    }
  }
}
