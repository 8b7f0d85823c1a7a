package hazelkeep.web.share;

import hazelkeep.web.said.Sentences;
import hazelkeep.web.start.Folder;
import hazelkeep.web.start.Running;
import java.io.File;
import java.io.IOException;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
  private final Optional<Folder> folder;
  private Tomcat tomcat;
  private Connector door;
  private Optional<OwnCertificate> own = Optional.empty();

  Share(
      @Value("${HAZEL_SHARE:}") String wanted,
      @Value("${HAZEL_SHARE_PORT:-1}") int port,
      @Value("${HAZEL_CERT:}") String certificate,
      @Value("${HAZEL_CERT_PASSWORD:}") String password,
      Pairing pairing,
      Running running) {
    this.wanted = wanted.equals("1");
    this.port = port;
    this.certificate = certificate;
    this.password = password;
    this.pairing = pairing;
    this.folder = running.folder();
  }

  @EventListener
  void started(ServletWebServerInitializedEvent event) {
    if (event.getWebServer() instanceof TomcatWebServer server) {
      tomcat = server.getTomcat();
      if (wanted) {
        open(true);
      }
    }
  }

  /** Whether the door is open. */
  synchronized boolean isOpen() {
    return door != null;
  }

  /**
   * What the door has for itself, so that whoever stands in it holds up no page of this machine.
   */
  private static final Map<String, String> NARROW =
      Map.of(
          "address", "0.0.0.0",
          "maxThreads", "24",
          "minSpareThreads", "2",
          "maxConnections", "96",
          "acceptCount", "16",
          "maxSwallowSize", "0",
          "connectionTimeout", "4000");

  /**
   * Opens it, with a new passphrase.
   *
   * @param sealed whether with a certificate: the turner's, or one that is made here
   * @throws IllegalStateException when the port is taken or the certificate can't be used
   */
  synchronized void open(boolean sealed) {
    if (door != null) {
      return;
    }
    Connector c = new Connector("HTTP/1.1");
    c.setPort(port >= 0 ? port : tomcat.getConnector().getLocalPort() + 1);
    NARROW.forEach(c::setProperty);
    own = Optional.empty();
    if (sealed && certificate.isEmpty()) {
      own = Optional.of(OwnCertificate.in(beside(), hosts()));
      secure(c, own.get().file().toString(), OwnCertificate.PASSWORD);
    } else if (sealed) {
      secure(c, new File(certificate).getAbsolutePath(), password);
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

  /** Where the certificate lies: with the data, or for as long as those that lie in memory. */
  private Path beside() {
    try {
      return folder.isPresent() ? folder.get().path() : Files.createTempDirectory("hazel-keep");
    } catch (IOException e) {
      throw new IllegalStateException(Sentences.of("share.no-certificate", e.getMessage()), e);
    }
  }

  /** The fingerprint of the certificate that was made here; empty without one. */
  synchronized String fingerprint() {
    return door == null ? "" : own.map(OwnCertificate::fingerprint).orElse("");
  }

  /** Whether what travels can be read by others in the network. */
  synchronized boolean readable() {
    return door != null && !door.getSecure();
  }

  private static void secure(Connector c, String file, String password) {
    SSLHostConfig tls = new SSLHostConfig();
    SSLHostConfigCertificate own =
        new SSLHostConfigCertificate(tls, SSLHostConfigCertificate.Type.UNDEFINED);
    own.setCertificateKeystoreFile(file);
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
    String scheme = door.getScheme();
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
