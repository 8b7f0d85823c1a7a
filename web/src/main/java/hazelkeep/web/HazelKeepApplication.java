package hazelkeep.web;

import hazelkeep.web.start.Start;
import java.util.Map;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Hazel Keep in the browser. */
@SpringBootApplication
public class HazelKeepApplication {
  /**
   * Starts the application, which listens on this machine only; or copies its data, or brings a
   * copy back: {@code backup}, {@code restore FILE}.
   */
  public static void main(String[] args) {
    int ended =
        Start.of(
            args,
            System.getenv(),
            System.out,
            data -> {
              SpringApplication app = new SpringApplication(HazelKeepApplication.class);
              app.setDefaultProperties(Map.of("hazel.data", data.toString()));
              app.run(args);
            });
    if (ended != 0) {
      System.exit(ended);
    }
  }
}
