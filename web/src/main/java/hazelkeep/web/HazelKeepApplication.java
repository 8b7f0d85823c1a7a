package hazelkeep.web;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** Hazel Keep in the browser. */
@SpringBootApplication
public class HazelKeepApplication {
  /** Starts the application; it listens on this machine only. */
  public static void main(String[] args) {
    SpringApplication.run(HazelKeepApplication.class, args);
  }
}
