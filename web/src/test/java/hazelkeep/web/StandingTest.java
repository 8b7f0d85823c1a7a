package hazelkeep.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hazelkeep.kinds.Kinds;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import hazelkeep.web.json.Json;
import hazelkeep.web.planning.Planner;
import java.io.IOException;
import java.net.http.HttpResponse;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Assumptions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import tools.jackson.databind.JsonNode;

/** The piece as it stands: on its page, and in files that independent programs read. */
class StandingTest extends Browsing {
  private final App.Visitor visitor = app.visitor();

  private <D extends Design> long piece(Kind<D> kind) {
    return pieces.create("Standing " + kind.name(), kind, kind.fresh());
  }

  private JsonNode json(String path) {
    return new Json().mapper().readTree(visitor.get(path).body());
  }

  @Test
  void every_kind_stands_and_can_be_taken_along() {
    for (Kind<?> kind : Kinds.ALL) {
      long id = piece(kind);
      String page = "/pieces/" + id;
      assertThat(visitor.get(page + "/standing").statusCode()).as(kind.name()).isEqualTo(200);
      JsonNode things = json(page + "/standing.json?step=-1").get("things");
      assertThat(things.size()).as(kind.name()).isPositive();
      assertThat(things.get(0).get("rings").size()).isPositive();
      JsonNode early = json(page + "/standing.json?step=0").get("things");
      assertThat(early.size()).as("at first there is one blank").isEqualTo(1);
      assertThat(visitor.get(page + "/piece.stl").statusCode()).isEqualTo(200);
      assertThat(visitor.get(page + "/piece.glb").statusCode()).isEqualTo(200);
    }
  }

  /** What an STL of a kind encloses is the wood that the piece is said to have. */
  @Test
  void an_stl_has_the_wood_of_the_piece(@TempDir Path dir) throws Exception {
    enclosed(11, dir);
    long house = piece(Kinds.named("hanging-house").orElseThrow());
    assertThat(json("/pieces/" + house + "/standing.json?step=-1").findValues("holes").get(0))
        .as("its door and its perch")
        .hasSize(2);
    enclosed(house, dir);
  }

  private void enclosed(long piece, Path dir) throws Exception {
    byte[] stl = visitor.bytes("/pieces/" + piece + "/piece.stl");
    ByteBuffer b = ByteBuffer.wrap(stl).order(ByteOrder.LITTLE_ENDIAN).position(80);
    int n = b.getInt();
    assertThat(stl).hasSize(84 + 50 * n);
    double six = 0;
    for (int i = 0; i < n; i++) {
      double[] v = new double[12];
      for (int k = 0; k < 12; k++) {
        v[k] = b.getFloat();
      }
      b.getShort();
      six +=
          v[3] * (v[7] * v[11] - v[8] * v[10])
              + v[4] * (v[8] * v[9] - v[6] * v[11])
              + v[5] * (v[6] * v[10] - v[7] * v[9]);
    }
    double ml = app.bean(Planner.class).current(pieces.get(piece)).sketch().properties().woodMl();
    assertThat(six / 6 / 1000).isCloseTo(ml, within(0.003 * ml));
    admesh(dir, stl, n);
  }

  /** ADMesh finds nothing to mend, where it is installed. */
  private static void admesh(Path dir, byte[] stl, int facets) throws Exception {
    Assumptions.assumeTrue(Files.isExecutable(Path.of("/usr/bin/admesh")), "admesh is installed");
    Path file = Files.write(dir.resolve("piece.stl"), stl);
    String said = run(Path.of("."), "/usr/bin/admesh", file.toString());
    assertThat(said).containsPattern("Number of facets +: +" + facets + " +" + facets);
    for (String fault :
        new String[] {
          "Total disconnected facets", "Degenerate facets", "Facets reversed", "Backwards edges"
        }) {
      Matcher m = Pattern.compile(fault + " *: *(\\d+)").matcher(said);
      assertThat(m.find()).as(fault).isTrue();
      assertThat(m.group(1)).as(fault).isEqualTo("0");
    }
  }

  /** The validator of glTF's own makers finds neither error nor warning. */
  @Test
  void a_glb_is_valid(@TempDir Path dir) throws Exception {
    for (int id : new int[] {2, 5, 11}) {
      valid(visitor.bytes("/pieces/" + id + "/piece.glb"), dir);
    }
  }

  static void valid(byte[] glb, Path dir) throws IOException, InterruptedException {
    Path file = Files.write(dir.resolve("piece.glb"), glb);
    String said = run(Path.of("src/main/frontend"), "node", "validate.mjs", file.toString());
    assertThat(Integer.parseInt(said.strip())).as(said).isGreaterThan(10_000);
  }

  private static String run(Path in, String... command) throws IOException, InterruptedException {
    Process p =
        new ProcessBuilder(command).directory(in.toFile()).redirectErrorStream(true).start();
    String said = new String(p.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    assertThat(p.waitFor(60, TimeUnit.SECONDS)).isTrue();
    assertThat(p.exitValue()).as(said).isZero();
    return said;
  }

  @Test
  void it_is_turned_by_keys_cut_open_and_its_lid_is_lifted() {
    go("/pieces/2/standing");
    var canvas = page.locator("#standing-canvas");
    assertThat(canvas).hasAttribute("data-drawn", "2");
    String before = canvas.getAttribute("data-pose");
    canvas.focus();
    for (int i = 0; i < 5; i++) {
      page.keyboard().press("ArrowUp");
    }
    assertThat(canvas.getAttribute("data-pose")).isNotEqualTo(before);
    page.click("#standing-open");
    assertThat(page.locator("#standing-open")).hasAttribute("aria-pressed", "true");
    page.click("#standing-off");
    assertThat(page.locator("#standing-off")).hasAttribute("aria-pressed", "true");
    page.locator("#standing-step").focus();
    page.keyboard().press("Home");
    assertThat(page.locator("#standing-said")).hasText("after: Round the blank");
    assertThat(canvas).hasAttribute("data-drawn", "1");
  }

  @Test
  void without_a_solid_the_view_from_outside_stays() {
    page.addInitScript("HTMLCanvasElement.prototype.getContext = () => null;");
    go("/pieces/9/standing");
    assertThat(page.locator(".standing-drawing")).isVisible();
    assertThat(page.locator("#standing-canvas")).isHidden();
    assertThat(page.locator("#standing-open")).isHidden();
    forgive("WebGL");
  }

  @Test
  void two_pieces_are_laid_beside_one_another_with_what_the_plans_say() {
    String page = visitor.get("/pieces/2/beside?other=3").body();
    assertThat(page).contains("Chart pin box", "Seed canister no. 4", "class=\"over\"");
    for (int id : new int[] {2, 3}) {
      var properties = app.bean(Planner.class).plan(pieces.get(id)).sketch().properties();
      assertThat(page).contains(">" + Math.round(properties.brimMl()) + " ml<");
      assertThat(page).contains(">" + Math.round(properties.tips()) + "°<");
    }
    assertThat(visitor.get("/pieces/2/beside?other=99999").statusCode()).isEqualTo(404);
    assertThat(visitor.get("/pieces/2/beside?other=x").statusCode()).isBetween(400, 422);
    assertThat(visitor.get("/pieces/10/beside").body()).contains("variant");
  }

  @Test
  void a_piece_that_is_not_there_has_no_files() {
    HttpResponse<String> none = visitor.get("/pieces/4711/piece.stl");
    assertThat(none.statusCode()).isEqualTo(404);
  }
}
