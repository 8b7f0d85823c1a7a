package hazelkeep.web.share;

import hazelkeep.web.said.Sentences;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.util.HexFormat;
import java.util.List;
import java.util.stream.Collectors;

/**
 * A certificate that this machine makes for itself, once: nobody vouches for it but its
 * fingerprint, which stands on the page of the computer and in the browser of the tablet.
 *
 * @param file PKCS 12, for the owner's eyes only
 * @param fingerprint SHA-256, in pairs of signs
 */
record OwnCertificate(Path file, String fingerprint) {
  /** Whoever can read the file may use it: a word in the code keeps nobody out. */
  static final String PASSWORD = "hazel-keep";

  private static final String NAME = "sharing.p12";
  private static final String ALIAS = "hazel-keep";
  private static final int DAYS = 3650;

  /**
   * The one of a data folder; made when there is none.
   *
   * @throws IllegalStateException when it can't be made or read
   */
  static OwnCertificate in(Path folder, List<String> hosts) {
    Path file = folder.resolve(NAME);
    try {
      if (!Files.exists(file)) {
        make(file, hosts);
      }
      return new OwnCertificate(file, fingerprint(file));
    } catch (IOException | GeneralSecurityException e) {
      throw new IllegalStateException(Sentences.of("share.no-certificate", e.getMessage()), e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IllegalStateException(Sentences.of("share.no-certificate", "interrupted"), e);
    }
  }

  /** The platform's own tool makes it: it has no call for it that is open to programs. */
  private static void make(Path file, List<String> hosts) throws IOException, InterruptedException {
    Path making = Files.createTempDirectory(file.getParent(), "making").resolve(NAME);
    String names =
        "dns:localhost" + hosts.stream().map(h -> ",ip:" + h).collect(Collectors.joining());
    Process tool =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "keytool").toString(),
                "-genkeypair",
                "-alias",
                ALIAS,
                "-keyalg",
                "EC",
                "-groupname",
                "secp256r1",
                "-validity",
                Integer.toString(DAYS),
                "-dname",
                "CN=Hazel Keep",
                "-ext",
                "san=" + names,
                "-storetype",
                "PKCS12",
                "-keystore",
                making.toString(),
                "-storepass",
                PASSWORD)
            .redirectErrorStream(true)
            .start();
    String said = new String(tool.getInputStream().readAllBytes()).strip();
    try {
      if (tool.waitFor() != 0) {
        throw new IOException(said);
      }
      if (Files.getFileStore(making).supportsFileAttributeView("posix")) {
        // Its key lies in it, wherever the folder lies.
        Files.setPosixFilePermissions(making, PosixFilePermissions.fromString("rw-------"));
      }
      Files.move(making, file);
    } finally {
      Files.deleteIfExists(making);
      Files.deleteIfExists(making.getParent());
    }
  }

  private static String fingerprint(Path file) throws IOException, GeneralSecurityException {
    KeyStore store = KeyStore.getInstance("PKCS12");
    try (InputStream in = Files.newInputStream(file)) {
      store.load(in, PASSWORD.toCharArray());
    }
    byte[] digest =
        MessageDigest.getInstance("SHA-256").digest(store.getCertificate(ALIAS).getEncoded());
    return HexFormat.ofDelimiter(":").withUpperCase().formatHex(digest);
  }
}
