package hazelkeep.web.config;

import java.util.Arrays;
import java.util.UUID;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** What nobody expected: logged once, short, under a number that the page shows. */
public final class Trouble {
  private static final Logger LOG = LoggerFactory.getLogger(Trouble.class);
  private static final int FRAMES = 6;

  private Trouble() {}

  /** Logs it and answers its number. */
  public static String logged(String where, Throwable e) {
    String id = UUID.randomUUID().toString().substring(0, 8);
    Throwable root = e;
    while (root.getCause() != null && root.getCause() != root) {
      root = root.getCause();
    }
    String frames =
        Arrays.stream(root.getStackTrace())
            .filter(f -> f.getClassName().startsWith("hazelkeep"))
            .limit(FRAMES)
            .map(StackTraceElement::toString)
            .collect(Collectors.joining(" < "));
    LOG.error("Trouble {} at {}: {} at {}", id, where, root, frames);
    LOG.debug("Trouble {} in full", id, e);
    return id;
  }
}
