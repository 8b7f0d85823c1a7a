package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.bore.Pass;
import hazelkeep.bore.Stations.Station;
import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.Restated;
import hazelkeep.piece.Boring;
import hazelkeep.piece.Hollowing;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.PieceStore;
import java.net.http.HttpResponse;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The Bore page and the sheet of flags, against the core. */
class BoringTest {
  private final App app = App.shared();
  private final App.Visitor visitor = app.visitor();
  private final PieceStore pieces = app.bean(PieceStore.class);
  private final Planner planner = app.bean(Planner.class);
  private final Show show = new Show(hazelkeep.measure.Unit.MM);
  private long id;

  @BeforeEach
  void bored() {
    LiddedBox box = Restated.with(LiddedBox.fresh(), "hollowing", Hollowing.FORSTNER);
    id = pieces.create("Bored", LiddedBoxKind.BOX, box.with("outside.height", 150));
  }

  private Boring body() {
    return planner.plan(pieces.get(id)).sketch().boring().get(0);
  }

  private HttpResponse<String> page(String query) {
    return visitor.get("/pieces/" + id + "/boring" + query);
  }

  @Test
  void the_page_says_what_the_core_says() {
    String page = page("").body();
    for (Pass p : body().plans().stream().flatMap(b -> b.passes().stream()).toList()) {
      assertThat(page).contains(p.bit().name(), show.len(p.depth()), show.len(p.point()));
    }
    for (Station s : body().stations()) {
      assertThat(page)
          .contains(">" + show.bare(s.inside()) + "<", ">" + show.bare(s.reading()) + "<");
    }
  }

  /** One window on Bore page, route and bench: the work turns and not the bit. */
  @Test
  void the_page_says_the_speed_of_the_step() {
    hazelkeep.piece.Plan<?> plan = planner.plan(pieces.get(id));
    String speed =
        plan.rehearsal().stages().stream()
            .filter(s -> s.step().bit().isPresent())
            .flatMap(s -> s.speeds().stream())
            .map(s -> show.rpmAndCeiling(s, plan.shop().lathe()))
            .findFirst()
            .orElseThrow();
    assertThat(page("").body()).contains(speed);
    assertThat(visitor.get("/pieces/" + id + "/route").body()).contains(speed.split(",")[0]);
  }

  @Test
  void the_quills_stops_follow_its_reading_at_the_touch() {
    Pass main = body().plans().get(0).passes().get(0);
    assertThat(main.depth()).as("more than the quill has left").isGreaterThan(75);
    String twice = page("?touch=25&again=5").body();
    assertThat(twice).contains("from 25.0 to 100.0: 75.0 mm deep");
    assertThat(twice)
        .contains(
            "from 5.0 to " + show.bare(5 + main.depth() - 75) + ": " + show.len(main.depth()));
    assertThat(page("?touch=0&again=5").body())
        .contains("from 0.0 to " + show.bare(Math.min(100, main.depth())));
  }

  @Test
  void readings_off_the_scale_are_told_and_stay_typed() {
    HttpResponse<String> off = page("?touch=140");
    assertThat(off.statusCode()).isEqualTo(422);
    assertThat(off.body()).contains("lies on the quill&#39;s scale").contains("value=\"140\"");
    assertThat(page("?touch=deep").body()).contains("is not a size");
  }

  @Test
  void flags_and_stations_on_paper() throws java.io.IOException {
    try (PDDocument pdf = Loader.loadPDF(visitor.bytes("/pieces/" + id + "/bit-flags.pdf"))) {
      String text = new PDFTextStripper().getText(pdf);
      assertThat(text).contains("Bit flags 1:1", "rim of the bit", "Stations of the body");
      for (Station s : body().stations()) {
        assertThat(text).contains(show.bare(s.inside()));
      }
    }
    try (PDDocument pdf = Loader.loadPDF(visitor.bytes("/pieces/" + id + "/holds.pdf"))) {
      assertThat(new PDFTextStripper().getText(pdf))
          .contains("Holds", "tenon ⌀".replace("⌀", ""), "at its root", "These bite all round.");
    }
  }
}
