package hazelkeep.web;

import hazelkeep.web.json.Json;
import hazelkeep.web.start.Folder;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import tools.jackson.databind.JsonNode;

/** The application, started once with demo data in a database of its own, for all tests. */
final class App {
  private static App running;

  private final ConfigurableApplicationContext context;
  private final String base;

  private App(ConfigurableApplicationContext context) {
    this.context = context;
    this.base = "http://localhost:" + context.getEnvironment().getProperty("local.server.port");
  }

  /** The one that runs for all tests. */
  static synchronized App shared() {
    if (running == null) {
      running = start("jdbc:h2:mem:tests;DB_CLOSE_DELAY=-1", "demo");
      Runtime.getRuntime().addShutdownHook(new Thread(running::stop));
    }
    return running;
  }

  /** Every page for people, on the demo's pieces. */
  static List<String> pages() {
    return List.of(
        "/",
        "/pieces/new",
        "/pieces/1",
        "/pieces/2",
        "/pieces/3",
        "/pieces/2/route",
        "/pieces/3/route",
        "/pieces/2/bench",
        "/pieces/3/bench",
        "/pieces/3/bench/found",
        "/pieces/3/bench/ways",
        "/pieces/1/bench",
        "/pieces/1/paper",
        "/pieces/1/record",
        "/pieces/3/record",
        "/pieces/2/holding",
        "/pieces/3/holding",
        "/pieces/2/route?change=on",
        "/pieces/3/boring",
        "/pieces/2/standing",
        "/pieces/11/standing",
        "/pieces/2/beside?other=3",
        "/pieces/new?kind=straight-well",
        "/pieces/4",
        "/pieces/5",
        "/pieces/5/route",
        "/pieces/5/holding",
        "/pieces/5/boring",
        "/pieces/4/bench",
        "/pieces/4/paper",
        "/pieces/new?kind=mill",
        "/pieces/new?kind=hanging-house",
        "/pieces/7",
        "/pieces/8",
        "/pieces/8/boring",
        "/pieces/8/parts",
        "/pieces/9/parts",
        "/pieces/10",
        "/pieces/10/parts",
        "/pieces/10/paper",
        "/shop",
        "/data",
        "/share",
        "/words",
        "/shop/woods",
        "/shop/practice",
        "/shop/practice/bounds",
        "/shop/air",
        "/shop/learnt",
        "/instruments",
        "/practise",
        "/practise/order",
        "/practise/mistake",
        "/practise/run?piece=2",
        "/pieces/2/fit",
        "/pieces/5/fit",
        "/pieces/8/fit",
        "/shop/practice/wall.box",
        "/shop/jaws/new",
        "/shop/wood/new");
  }

  /** Starts one on a database. */
  static App start(String database, String profile) {
    return start(database, profile, "--hazel.data=");
  }

  /** Starts one on a data folder, empty shelf. */
  static App on(Path data) {
    return start(new Folder(data).url(""), "bare", "--hazel.data=" + data);
  }

  private static App start(String database, String profile, String more) {
    SpringApplication app = new SpringApplication(HazelKeepApplication.class);
    app.setRegisterShutdownHook(false);
    return new App(
        app.run(
            "--server.port=0",
            "--HAZEL_INSTRUMENTS_PORT=0",
            "--spring.profiles.active=" + profile,
            "--spring.datasource.url=" + database,
            more,
            "--logging.level.hazelkeep=warn",
            "--logging.level.org.flywaydb=error"));
  }

  void stop() {
    context.close();
  }

  String base() {
    return base;
  }

  <T> T bean(Class<T> type) {
    return context.getBean(type);
  }

  /** A visitor with cookies of his own. */
  Visitor visitor() {
    return new Visitor(base);
  }

  /** Someone at a browser. */
  static final class Visitor {
    private static final Pattern TOKEN = Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"");

    private String base;
    private final HttpClient http =
        HttpClient.newBuilder().cookieHandler(new CookieManager()).build();
    private String token = "";

    /** Of a server. */
    Visitor(String base) {
      this.base = base;
    }

    /**
     * The same browser, with all its cookies and open pages, at a server that was started again.
     */
    Visitor at(App other) {
      base = other.base();
      return this;
    }

    HttpResponse<String> get(String path) {
      HttpResponse<String> r = send(HttpRequest.newBuilder(uri(path)).GET());
      Matcher m = TOKEN.matcher(r.body());
      if (m.find()) {
        token = m.group(1);
      }
      return r;
    }

    byte[] bytes(String path) {
      try {
        return http.send(
                HttpRequest.newBuilder(uri(path)).GET().build(),
                HttpResponse.BodyHandlers.ofByteArray())
            .body();
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      } catch (InterruptedException e) {
        throw new IllegalStateException(e);
      }
    }

    /** Sends a form with the token of the page seen last; fields as name, value, name, value. */
    HttpResponse<String> post(String path, String... fields) {
      return send(form(path, fields));
    }

    /** The same as a page asks for a part of it. */
    HttpResponse<String> asPart(String path, String... fields) {
      return send(form(path, fields).header("HX-Request", "true"));
    }

    /** The same as a page of another server sends it. */
    HttpResponse<String> from(String origin, String path, String... fields) {
      return send(form(path, fields).header("Origin", origin));
    }

    /** Sends a file with the token of the page seen last. */
    HttpResponse<String> upload(String path, String field, String content) {
      String body =
          "--b\r\nContent-Disposition: form-data; name=\"_csrf\"\r\n\r\n"
              + token
              + "\r\n--b\r\nContent-Disposition: form-data; name=\""
              + field
              + "\"; filename=\"f\"\r\n\r\n"
              + content
              + "\r\n--b--\r\n";
      return send(
          HttpRequest.newBuilder(uri(path))
              .header("Content-Type", "multipart/form-data; boundary=b")
              .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    private HttpRequest.Builder form(String path, String... fields) {
      StringBuilder form = new StringBuilder("_csrf=").append(encoded(token));
      for (int i = 0; i < fields.length; i += 2) {
        form.append('&').append(encoded(fields[i])).append('=').append(encoded(fields[i + 1]));
      }
      return HttpRequest.newBuilder(uri(path))
          .header("Content-Type", "application/x-www-form-urlencoded")
          .POST(HttpRequest.BodyPublishers.ofString(form.toString()));
    }

    HttpResponse<String> json(String path, String body) {
      return send(
          HttpRequest.newBuilder(uri(path))
              .header("Content-Type", "application/json")
              .POST(HttpRequest.BodyPublishers.ofString(body)));
    }

    /** The answer of the plan for other programs, read. */
    JsonNode plan(String body) {
      return new Json().mapper().readTree(json("/api/plan", body).body());
    }

    HttpResponse<String> send(HttpRequest.Builder request) {
      try {
        return http.send(request.build(), HttpResponse.BodyHandlers.ofString());
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      } catch (InterruptedException e) {
        throw new IllegalStateException(e);
      }
    }

    URI uri(String path) {
      return URI.create(base + path);
    }

    static String encoded(String s) {
      return URLEncoder.encode(s, StandardCharsets.UTF_8);
    }
  }
}
