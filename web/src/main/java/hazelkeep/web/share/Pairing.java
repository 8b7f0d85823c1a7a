package hazelkeep.web.share;

import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.DeviceStore;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import org.springframework.stereotype.Component;

/** Who may pair: whoever read the passphrase or a fresh code off this machine's screen. */
@Component
class Pairing {
  /** How long a code can be used; once. */
  static final Duration FRESH = Duration.ofMinutes(5);

  private final DeviceStore devices;
  private final Clock clock = Clock.systemUTC();
  private final Tries tries = new Tries(clock);
  private String passphrase = "";
  private String code = "";
  private Instant until = Instant.EPOCH;

  Pairing(DeviceStore devices) {
    this.devices = devices;
  }

  /**
   * What came of a try.
   *
   * @param token what the device is to show from now on; empty when it was refused
   * @param why it was refused; empty when it was not
   */
  record Outcome(String token, String why) {}

  synchronized String passphrase() {
    return passphrase;
  }

  /** A new passphrase; the old one and its codes are no longer taken. */
  synchronized void renew() {
    passphrase = Secrets.passphrase();
    code = "";
    tries.forget();
  }

  synchronized void forget() {
    passphrase = "";
    code = "";
  }

  /** A fresh code for the picture on the screen; the one before is no longer taken. */
  synchronized String freshCode() {
    code = Secrets.token();
    until = clock.instant().plus(FRESH);
    return code;
  }

  /** How long nobody can try, after too many failed. */
  Duration locked() {
    return tries.left();
  }

  void unlock() {
    tries.forget();
  }

  /** Tries to pair a device with what it shows. */
  synchronized Outcome attempt(String name, String shownCode, String typed) {
    Duration wait = tries.left();
    if (!wait.isZero()) {
      return new Outcome("", Sentences.of("pairing.too-many-tries-wait", (wait.toSeconds() + 1)));
    }
    if (!shownCode.isEmpty()) {
      return byCode(name, shownCode);
    }
    if (passphrase.isEmpty() || !Secrets.same(typed.strip().toLowerCase(Locale.ROOT), passphrase)) {
      tries.failed();
      return new Outcome("", Sentences.of("pairing.that-is-not-the"));
    }
    tries.forget();
    return paired(name);
  }

  private Outcome byCode(String name, String shown) {
    if (code.isEmpty() || clock.instant().isAfter(until) || !Secrets.same(shown, code)) {
      tries.failed();
      return new Outcome("", Sentences.of("pairing.this-code-has-been"));
    }
    code = "";
    tries.forget();
    return paired(name);
  }

  private Outcome paired(String name) {
    String token = Secrets.token();
    devices.pair(name, Secrets.digest(token));
    return new Outcome(token, "");
  }
}
