package hazelkeep.web.share;

import hazelkeep.web.said.Sentences;
import java.io.File;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.Collections;
import java.util.List;
import org.apache.catalina.LifecycleException;
import org.apache.catalina.connector.Connector;
import org.apache.catalina.startup.Tomcat;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.TomcatWebServer;
import org.springframework.boot.web.server.servlet.context.ServletWebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * The door to the local network: a second port beside the one that only this machine reaches. It is
 * there while it is switched on, and nothing listens outside this machine without it.
 */
@Component
class Share {
  private static final Logger LOG = LoggerFactory.getLogger(Share.class);

  private final boolean wanted;
  private final int port;
  private final String certificate;
  private final String password;
  private final Pairing pairing;
  private Tomcat tomcat;
  private Connector door;

  Share(
      @Value("${HAZEL_SHARE:}") String wanted,
      @Value("${HAZEL_SHARE_PORT:-1}") int port,
      @Value("${HAZEL_CERT:}") String certificate,
      @Value("${HAZEL_CERT_PASSWORD:}") String password,
      Pairing pairing) {
    this.wanted = wanted.equals("1");
    this.port = port;
    this.certificate = certificate;
    this.password = password;
    this.pairing = pairing;
  }

  @EventListener
  void started(ServletWebServerInitializedEvent event) {
    if (event.getWebServer() instanceof TomcatWebServer server) {
      tomcat = server.getTomcat();
      if (wanted) {
        open();
      }
    }
  }

  /** Whether the door is open. */
  synchronized boolean isOpen() {
    return door != null;
  }

  /** Whether a request came through the door. */
  synchronized boolean through(int localPort) {
    return door != null && door.getLocalPort() == localPort;
  }

  /**
   * Opens it, with a new passphrase.
   *
   * @throws IllegalStateException when the port is taken or the certificate can't be used
   */
  synchronized void open() {
    if (door != null) {
      return;
    }
    Connector c = new Connector("HTTP/1.1");
    int own = tomcat.getConnector().getLocalPort();
    c.setPort(port >= 0 ? port : own + 1);
    c.setProperty("address", "0.0.0.0");
    if (!certificate.isEmpty()) {
      secure(c);
    }
    tomcat.getService().addConnector(c);
    if (c.getLocalPort() <= 0) {
      remove(c);
      throw new IllegalStateException(Sentences.of("share.port-cant-be-opened", c.getPort()));
    }
    door = c;
    pairing.renew();
    LOG.info("Open to the local network on port {}, for paired devices", c.getLocalPort());
  }

  private void secure(Connector c) {
    SSLHostConfig tls = new SSLHostConfig();
    SSLHostConfigCertificate own =
        new SSLHostConfigCertificate(tls, SSLHostConfigCertificate.Type.UNDEFINED);
    own.setCertificateKeystoreFile(new File(certificate).getAbsolutePath());
    own.setCertificateKeystorePassword(password);
    tls.addCertificate(own);
    c.addSslHostConfig(tls);
    c.setProperty("SSLEnabled", "true");
    c.setScheme("https");
    c.setSecure(true);
  }

  /** Closes it; paired devices stay paired. */
  synchronized void close() {
    if (door != null) {
      remove(door);
      door = null;
      pairing.forget();
      LOG.info("Closed to the local network");
    }
  }

  private void remove(Connector c) {
    tomcat.getService().removeConnector(c);
    try {
      c.destroy();
    } catch (LifecycleException e) {
      LOG.warn("The port of the local network was not closed cleanly: {}", e.getMessage());
    }
  }

  /** Where the door is found from outside; empty while it is closed. */
  synchronized List<String> addresses() {
    if (door == null) {
      return List.of();
    }
    String scheme = certificate.isEmpty() ? "http" : "https";
    return hosts().stream().map(h -> scheme + "://" + h + ":" + door.getLocalPort()).toList();
  }

  private static List<String> hosts() {
    try {
      return Collections.list(NetworkInterface.getNetworkInterfaces()).stream()
          .filter(Share::up)
          .flatMap(NetworkInterface::inetAddresses)
          .filter(a -> a instanceof Inet4Address && !a.isLoopbackAddress())
          .map(InetAddress::getHostAddress)
          .toList();
    } catch (SocketException e) {
      return List.of();
    }
  }

  private static boolean up(NetworkInterface n) {
    try {
      return n.isUp();
    } catch (SocketException e) {
      return false;
    }
  }
}
