package hazelkeep.web.api;

import com.github.benmanes.caffeine.cache.Caffeine;
import com.github.benmanes.caffeine.cache.LoadingCache;
import hazelkeep.web.said.Sentences;
import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** One plan at a time for each caller: nobody keeps all of the machine to himself. */
@Component
class Turns {
  /** So many plans of a caller may wait for his first; of more he is asked to come back. */
  private static final int WAITING = 8;

  private static final int CALLERS = 1_000;

  private final LoadingCache<String, Semaphore> callers =
      Caffeine.newBuilder()
          .maximumSize(CALLERS)
          .expireAfterAccess(Duration.ofMinutes(10))
          .build(caller -> new Semaphore(1, true));

  /**
   * Does something in a caller's turn.
   *
   * @throws NotPlanned when his turn does not come
   */
  <T> T of(String caller, Supplier<T> what) {
    Semaphore turn = callers.get(caller);
    try {
      if (turn.getQueueLength() >= WAITING) {
        throw new NotPlanned(
            HttpStatus.TOO_MANY_REQUESTS, "", Sentences.of("turns.your-last-plan-is-still"));
      }
      turn.acquire();
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new NotPlanned(
          HttpStatus.SERVICE_UNAVAILABLE, "", Sentences.of("turns.hazel-keep-is-closing"));
    }
    try {
      return what.get();
    } finally {
      turn.release();
    }
  }
}
