package hazelkeep.web;

import hazelkeep.web.start.Folder;
import hazelkeep.web.start.Start;
import java.util.Arrays;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.aot.AbstractAotProcessor;

/** Hazel Keep in the browser. */
@SpringBootApplication
public class HazelKeepApplication {
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
              // The folder as it was resolved goes before the variable that may name it relatively.
              String[] with = Arrays.copyOf(args, args.length + 2);
              with[args.length] = "--hazel.data=" + data;
              with[args.length + 1] = "--spring.datasource.url=" + new Folder(data).url("");
              app.run(with);
            });
    if (ended != 0) {
      System.exit(ended);
    }
  }
}
