package hazelkeep.web;

import hazelkeep.web.start.Folder;
import hazelkeep.web.start.Start;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.aot.AbstractAotProcessor;

/** Hazel Keep in the browser. */
@SpringBootApplication
public class HazelKeepApplication {
  private static final String DATABASE = "--spring.datasource.url=";

  /**
   * Starts the application, which listens on this machine only; or copies its data, or brings a
   * copy back: {@code backup}, {@code restore FILE}.
   */
  public static void main(String[] args) {
    if (Boolean.getBoolean(AbstractAotProcessor.AOT_PROCESSING)) {
      // While it is built its wiring is looked at: no data, no port.
      SpringApplication.run(HazelKeepApplication.class, args);
      return;
    }
    int ended =
        Start.of(
            args,
            System.getenv(),
            System.out,
            data -> {
              SpringApplication app = new SpringApplication(HazelKeepApplication.class);
              // The folder as it was resolved goes before the variable that may name it relatively;
              // another database that is named goes before both.
              List<String> with = new ArrayList<>();
              with.add("--hazel.data=" + data);
              if (Arrays.stream(args).noneMatch(a -> a.startsWith(DATABASE))) {
                with.add(DATABASE + new Folder(data).url(""));
              }
              with.addAll(0, List.of(args));
              app.run(with.toArray(String[]::new));
            });
    if (ended != 0) {
      System.exit(ended);
    }
  }
}
