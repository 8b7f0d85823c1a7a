package hazelkeep.web.store;

import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;

/** Whether changes can be stored. */
@Component
class DiskHealth implements HealthIndicator {
  private final Writes writes;

  DiskHealth(Writes writes) {
    this.writes = writes;
  }

  @Override
  public Health health() {
    String trouble = writes.trouble();
    return trouble.isEmpty()
        ? Health.up().build()
        : Health.down().withDetail("trouble", trouble).build();
  }
}
