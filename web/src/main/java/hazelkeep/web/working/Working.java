package hazelkeep.web.working;

import hazelkeep.measure.Progress;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/** What is being worked out right now, and how far it has come. */
@Component
public class Working {
  /** The demo's pieces, as they are put on the shelf. */
  public static final String DEMO = "demo";

  private final Map<String, Progress> all = new ConcurrentHashMap<>();

  /**
   * Begins something that may take long; it ends when what is returned is closed.
   *
   * @param name by which others ask how far it has come; of two of one name the later is told
   */
  public Progress.Telling on(String name) {
    Progress progress = new Progress();
    all.put(name, progress);
    Progress.Telling telling = progress.told();
    return () -> {
      all.remove(name, progress);
      telling.close();
    };
  }

  /** The share of it that is done, 0 to 1; empty where nothing of that name is worked on. */
  public OptionalDouble share(String name) {
    Progress p = all.get(name);
    return p == null ? OptionalDouble.empty() : OptionalDouble.of(p.share());
  }
}
