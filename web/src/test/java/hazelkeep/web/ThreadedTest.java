package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.Kinds;
import hazelkeep.piece.Design;
import hazelkeep.piece.Kind;
import java.net.http.HttpResponse;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A bought threaded pair on every page of the kinds that close by one. */
class ThreadedTest extends Browsing {
  private final App.Visitor visitor = app.visitor();

  private <D extends Design> long piece(Kind<D> kind) {
    return pieces.create(
        "Screwed " + kind.name(), kind, kind.choose(kind.fresh(), "closes", "THREAD"));
  }

  @ParameterizedTest
  @ValueSource(strings = {"lidded-box", "canister", "needle-case", "hanging-house", "lidded-jar"})
  void its_rings_stand_on_every_page(String name) {
    long id = piece(Kinds.named(name).orElseThrow());
    for (String page :
        new String[] {"/boring", "/holding", "/paper", "/standing", "/bench", "/record"}) {
      assertThat(visitor.get("/pieces/" + id + page).statusCode()).as(page).isIn(200, 302);
    }
    assertThat(visitor.get("/pieces/" + id).body())
        .contains("Outer ring, ⌀", "Inner ring, bore", "A bought threaded pair")
        .doesNotContain("How the lid fits");
    assertThat(visitor.get("/pieces/" + id + "/parts").body())
        .contains("Inner ring of the threaded pair", "Outer ring of the threaded pair")
        .contains("measure what you bought");
    assertThat(visitor.get("/pieces/" + id + "/route").body())
        .contains("Glue the outer ring in", "Glue the inner ring on", "screwed on the");
    assertThat(visitor.get("/pieces/" + id + "/fit").body())
        .contains("screwed together by a bought pair");
  }

  /** Said on the page where a piece begins, for whatever kind asks it. */
  @ParameterizedTest
  @ValueSource(strings = {"lidded-box", "canister", "needle-case", "hanging-house", "lidded-jar"})
  void a_new_piece_is_asked_what_it_closes_by(String name) {
    assertThat(visitor.get("/pieces/new?kind=" + name).body())
        .contains("What it closes by", "A bought threaded pair");
    HttpResponse<String> made =
        visitor.post("/pieces", "kind", name, "name", "Screwed", "closes", "THREAD");
    String to = made.headers().firstValue("Location").orElseThrow();
    assertThat(visitor.get(to.substring(to.indexOf("/pieces"))).body())
        .contains("A bought threaded pair");
  }
}
