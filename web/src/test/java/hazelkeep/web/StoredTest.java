package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.web.json.Json;
import hazelkeep.web.store.PieceStore;
import java.io.IOException;
import java.io.InputStream;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.zip.ZipInputStream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** What was stored by the version of November 2026 is opened by this one, and nothing is lost. */
class StoredTest {
  private static final Json JSON = new Json();

  @TempDir static Path dir;
  private static App app;
  private static App.Visitor visitor;

  @BeforeAll
  static void open() throws IOException {
    try (ZipInputStream zip = new ZipInputStream(kept("hazel-keep.zip"))) {
      zip.getNextEntry();
      Files.write(dir.resolve("hazel.mv.db"), zip.readAllBytes());
    }
    app = App.start("jdbc:h2:file:" + dir.resolve("hazel"), "stored");
    visitor = app.visitor();
  }

  @AfterAll
  static void close() {
    app.stop();
  }

  private static InputStream kept(String name) {
    return StoredTest.class.getResourceAsStream("/stored/" + name);
  }

  private static String text(String name) throws IOException {
    try (InputStream in = kept(name)) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    }
  }

  private static List<Long> ids() {
    return List.copyOf(new TreeSet<>(app.bean(PieceStore.class).names().keySet()));
  }

  @Test
  void every_page_of_every_piece_opens() {
    List<String> wrong = new ArrayList<>();
    for (long id : ids()) {
      for (String page : List.of("", "/route", "/bench", "/paper", "/holding", "/boring")) {
        HttpResponse<String> r = visitor.get("/pieces/" + id + page);
        if (r.statusCode() != 200 || r.body().contains("stuck-title")) {
          wrong.add(id + page + ": " + r.statusCode());
        }
      }
    }
    assertThat(wrong).isEmpty();
    assertThat(visitor.get("/pieces/3/record").statusCode()).isEqualTo(200);
  }

  @Test
  void every_piece_states_what_it_stated() throws IOException {
    assertThat(ids()).contains(1L, 10L);
    for (long id = 1; id <= 10; id++) {
      JsonNode was = JSON.mapper().readTree(text("piece-" + id + ".json"));
      JsonNode is = JSON.mapper().readTree(visitor.get("/pieces/" + id + "/file").body());
      assertThat(lost("", was, is)).as("piece %d", id).isEmpty();
    }
  }

  @Test
  void every_piece_file_is_put_on_the_shelf_again() throws IOException {
    for (int i = 1; i <= 10; i++) {
      visitor.get("/data");
      HttpResponse<String> r = visitor.upload("/data/piece", "piece", text("piece-" + i + ".json"));
      assertThat(r.headers().firstValue("Location").orElse("")).contains("/pieces/");
    }
  }

  @Test
  void the_shop_s_file_is_read() throws IOException {
    JsonNode was = JSON.mapper().readTree(text("shop.json"));
    visitor.get("/shop");
    HttpResponse<String> r = visitor.upload("/shop/import", "shop", text("shop.json"));
    assertThat(r.statusCode()).isEqualTo(302);
    JsonNode is = JSON.mapper().readTree(visitor.get("/shop/shop.json").body());
    assertThat(lost("", was, is)).isEmpty();
  }

  /** Places where something is not what it was; what came to it is no loss. */
  private static List<String> lost(String at, JsonNode was, JsonNode is) {
    List<String> out = new ArrayList<>();
    if (was.isObject()) {
      was.propertyNames()
          .forEach(name -> out.addAll(lost(at + "/" + name, was.get(name), is.path(name))));
    } else if (was.isArray()) {
      for (int i = 0; i < was.size(); i++) {
        out.addAll(lost(at + "/" + i, was.get(i), is.path(i)));
      }
    } else if (!was.equals(is)) {
      out.add(at + ": " + was + " is now " + is);
    }
    return out;
  }
}
