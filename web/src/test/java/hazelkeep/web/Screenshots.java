package hazelkeep.web;

import com.microsoft.playwright.Page;
import hazelkeep.fit.Seen;
import hazelkeep.web.planning.Planner;
import hazelkeep.workbench.Bench;
import hazelkeep.workbench.Fact;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;

/**
 * The pictures of the README, made anew from the demo's data: {@code ./hazel shots}. No test of
 * anything, and run by that command only.
 */
class Screenshots extends Browsing {
  private static final Path OUT = Path.of("../docs/screenshots");

  private static Map<String, String> pages() {
    Map<String, String> out = new LinkedHashMap<>();
    out.put("shelf", "/");
    out.put("wish", "/pieces/new");
    out.put("piece", "/pieces/2");
    out.put("route", "/pieces/2/route");
    out.put("standing", "/pieces/11/standing");
    out.put("holding", "/pieces/2/holding");
    out.put("boring", "/pieces/5/boring");
    out.put("goblet", "/pieces/11");
    out.put("fit", "/pieces/6/fit");
    out.put("parts", "/pieces/8/parts");
    out.put("shop", "/shop");
    out.put("practice", "/shop/practice");
    out.put("bench", "/pieces/3/bench");
    out.put("words", "/words");
    out.put("record", "/pieces/4/record");
    return out;
  }

  @Test
  void all() throws IOException {
    pages().forEach(this::shot);
    lathe();
    fit();
    try (PDDocument d = Loader.loadPDF(app.visitor().bytes("/pieces/2/cut-sheet.pdf"))) {
      ImageIO.write(
          new PDFRenderer(d).renderImageWithDPI(0, 96),
          "png",
          OUT.resolve("cut-sheet.png").toFile());
    }
  }

  /** A goblet in the middle of the work, and a mishap with what can be done about it. */
  private void lathe() {
    Planner planner = app.bean(Planner.class);
    runs.start(2);
    while (!planner.bench(pieces.get(2)).next().orElseThrow().key().path().equals("body/hollow")) {
      Bench<?> bench = planner.bench(pieces.get(2));
      runs.add(2, runs.last(2), 1, bench.did(bench.next().orElseThrow().key()));
    }
    shot("found", "/pieces/2/bench/found?part=body&what=LENGTH&value=66");
    App.Visitor visitor = app.visitor();
    visitor.get("/pieces/2/bench");
    visitor.post(
        "/pieces/2/bench/found",
        "part",
        "body",
        "what",
        "LENGTH",
        "value",
        "66",
        "words",
        "tore at the mouth",
        "last",
        Long.toString(runs.last(2)));
    shot("ways", "/pieces/2/bench/ways");
  }

  /** A lid on the way to its fit: read, cut and tried. */
  private void fit() {
    Planner planner = app.bean(Planner.class);
    runs.start(6);
    while (!planner.bench(pieces.get(6)).next().orElseThrow().key().path().equals("body/jam")) {
      Bench<?> bench = planner.bench(pieces.get(6));
      runs.add(6, runs.last(6), 1, bench.did(bench.next().orElseThrow().key()));
    }
    double recess = planner.bench(pieces.get(6)).plan().aim().mm("recess.diameter");
    for (Seen s :
        List.of(
            new Seen(Seen.What.RECESS, recess + 0.02),
            new Seen(Seen.What.RECESS, recess + 0.05),
            new Seen(Seen.What.ROOT, recess + 1.42),
            new Seen(Seen.What.CUT, 1.1),
            new Seen(Seen.What.ROOT, recess + 0.36),
            new Seen(Seen.What.WONT_START, 0))) {
      runs.add(6, runs.last(6), 1, new Fact.Tried("closure", s, "calipers"));
    }
    shot("sneak", "/pieces/6/bench/fit");
  }

  private void shot(String name, String path) {
    go(path);
    page.waitForTimeout(400);
    byte[] png = page.screenshot(new Page.ScreenshotOptions());
    try {
      Files.write(OUT.resolve(name + ".png"), png);
    } catch (IOException e) {
      throw new java.io.UncheckedIOException(e);
    }
  }
}
