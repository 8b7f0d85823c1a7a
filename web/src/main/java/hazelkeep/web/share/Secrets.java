package hazelkeep.web.share;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.HexFormat;

/** What nobody can guess, and how it is compared. */
final class Secrets {
  private static final SecureRandom RANDOM = new SecureRandom();

  /** Letters and digits that are not taken for one another. */
  private static final String LETTERS = "abcdefghjkmnpqrstuvwxyz23456789";

  private static final int GROUP = 5;
  private static final int TOKEN = 32;

  private Secrets() {}

  /** A passphrase to read off one screen and type on another: 49 bits. */
  static String passphrase() {
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < 2 * GROUP; i++) {
      out.append(i == GROUP ? "-" : "");
      out.append(LETTERS.charAt(RANDOM.nextInt(LETTERS.length())));
    }
    return out.toString();
  }

  /** 256 bits, as they go into a link or a cookie. */
  static String token() {
    byte[] bytes = new byte[TOKEN];
    RANDOM.nextBytes(bytes);
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }

  /** The digest that is kept in a secret's place. */
  static String digest(String secret) {
    try {
      MessageDigest sha = MessageDigest.getInstance("SHA-256");
      return HexFormat.of().formatHex(sha.digest(secret.getBytes(StandardCharsets.UTF_8)));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Whether two are the same, in a time that does not tell how nearly. */
  static boolean same(String one, String other) {
    return MessageDigest.isEqual(
        one.getBytes(StandardCharsets.UTF_8), other.getBytes(StandardCharsets.UTF_8));
  }
}
