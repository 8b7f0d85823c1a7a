package hazelkeep.web;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.piece.Plan;
import hazelkeep.route.Finding;
import hazelkeep.route.RouteEdit;
import hazelkeep.route.Setup;
import hazelkeep.route.Step;
import hazelkeep.route.StepKey;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.PieceStore;
import java.net.http.HttpResponse;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A route changed on screen, and the way its piece is held. */
class RouteEditTest {
  private final App app = App.shared();
  private final App.Visitor visitor = app.visitor();
  private final PieceStore pieces = app.bean(PieceStore.class);
  private final Planner planner = app.bean(Planner.class);
  private long id;

  @BeforeEach
  void fresh() {
    LiddedBox beech =
        hazelkeep.measure.Restated.with(LiddedBox.fresh(), "species", "American beech");
    id = pieces.create("Route", LiddedBoxKind.BOX, beech);
    visitor.get("/pieces/" + id + "/route?change=on");
  }

  private HttpResponse<String> route(String what, String... fields) {
    String[] all = new String[fields.length + 2];
    System.arraycopy(fields, 0, all, 0, fields.length);
    all[fields.length] = "version";
    all[fields.length + 1] = Integer.toString(pieces.get(id).version());
    return visitor.post("/pieces/" + id + "/route/" + what, all);
  }

  private Plan<?> plan() {
    return planner.plan(pieces.get(id));
  }

  private List<String> order() {
    return plan().route().steps().stream().map(Step::key).map(StepKey::path).toList();
  }

  private List<String> codes() {
    return plan().findings().stream().map(Finding::code).toList();
  }

  private String page() {
    return visitor.get("/pieces/" + id + "/route?change=on").body();
  }

  @Test
  void a_step_goes_later_and_earlier_across_holds_and_comes_back() {
    List<String> recipe = order();
    assertThat(route("step", "what", "lid/inside", "how", "later").statusCode()).isEqualTo(302);
    assertThat(order().indexOf("lid/inside")).isEqualTo(order().indexOf("body/face") - 1);
    assertThat(codes()).as("the lid is not held there").contains("not-held");
    assertThat(page())
        .contains("“Sand and finish inside” comes first in “Body on its tenon”")
        .contains("What the changes bring:");
    route("step", "what", "lid/inside", "how", "earlier");
    assertThat(order()).isEqualTo(recipe);
    assertThat(page()).contains("They bring nothing new that would go wrong");
    route("recipe");
    assertThat(pieces.get(id).edits()).isEmpty();
  }

  @Test
  void the_ends_of_the_route_are_told() {
    route("step", "what", "centres/round", "how", "earlier");
    assertThat(page()).contains("It is the first step already.");
    route("step", "what", "bench/sign", "how", "later");
    assertThat(page()).contains("It is the last step already.");
    route("step", "what", "no/such", "how", "later");
    assertThat(page()).contains("This step is not in the route any more.");
    route("step", "what", "<b>", "how", "after", "to", "x");
    assertThat(page()).contains("is not the name of a step");
    assertThat(pieces.get(id).edits()).isEmpty();
  }

  @Test
  void a_step_is_dropped_on_another_or_left_out() {
    route("step", "what", "body/inside", "how", "after", "to", "lid/recess");
    List<String> order = order();
    assertThat(order.indexOf("body/inside")).isEqualTo(order.indexOf("lid/recess") + 1);
    route("step", "what", "bench/sign", "how", "drop");
    assertThat(order()).doesNotContain("bench/sign");
    route("undo", "edit", "0");
    assertThat(pieces.get(id).edits())
        .containsExactly(new RouteEdit.Drop(new StepKey("bench/sign")));
  }

  @Test
  void holds_move_go_and_come_again() {
    route("setup", "setup", "lid", "how", "later");
    List<String> names = plan().route().setups().stream().map(Setup::name).toList();
    assertThat(names.indexOf("lid")).isEqualTo(names.indexOf("body") + 1);
    route("setup", "setup", "lid", "how", "again");
    assertThat(page()).contains("Empty. Drag a step here");
    route("step", "what", "lid/inside", "how", "into", "to", "lid 2");
    assertThat(
            plan().route().setups().stream()
                .filter(s -> s.name().equals("lid 2"))
                .flatMap(s -> s.steps().stream())
                .map(s -> s.key().path())
                .toList())
        .containsExactly("lid/inside");
    assertThat(codes()).as("held again, it can still be sanded").doesNotContain("not-held");
    route("setup", "setup", "foot", "how", "drop");
    assertThat(codes()).contains("wood-left");
    assertThat(page()).contains("is left out");
  }

  @Test
  void a_hold_without_its_tailstock_or_in_other_jaws_is_judged_at_once() {
    route("hold", "setup", "body", "jaws", "75 mm jaws", "tail", "=", "steady", "=");
    assertThat(codes()).contains("tenon-range");
    route("undo", "edit", "0");
    assertThat(codes()).doesNotContain("tenon-range");
    route("hold", "setup", "body", "jaws", "=", "tail", "live centre", "steady", "=");
    assertThat(codes()).as("a centre stands where the hollow is").isNotEmpty();
    route("recipe");
    route(
        "hold",
        "setup",
        "whole",
        "jaws",
        "=",
        "tail",
        "=",
        "steady",
        "three-wheel steady",
        "at",
        "60");
    assertThat(page()).contains("three-wheel steady at 60.0 mm");
    route("hold", "setup", "whole", "jaws", "=", "tail", "=", "steady", "=");
    assertThat(page()).contains("Choose what is to be otherwise.");
    route("hold", "setup", "whole", "steady", "three-wheel steady", "at", "far");
    assertThat(page()).contains("is not a size");
  }

  @Test
  void a_step_of_ones_own() {
    route("add", "after", "lid/recess", "on", "lid/recess", "doing", "SAND", "grit", "600");
    assertThat(order()).contains("lid/own sand 1");
    assertThat(page()).contains("The lid&#39;s recess is sanded after “Cut the recess”");
    route("add", "after", "lid/recess", "on", "lid/recess", "doing", "SAND", "grit", "20");
    assertThat(page()).contains("Grits run from 80 to 2000.");
    route("add", "after", "body/hollow", "on", "body/inside", "doing", "CUT");
    assertThat(codes()).as("the wood is gone already").contains("nothing-removed");
  }

  @Test
  void a_change_on_an_old_version_is_told_and_not_made() {
    route("step", "what", "bench/sign", "how", "drop");
    visitor.post(
        "/pieces/" + id + "/route/step", "what", "lid/inside", "how", "drop", "version", "1");
    assertThat(page()).contains("changed in another tab");
    assertThat(pieces.get(id).edits()).hasSize(1);
  }

  @Test
  void jaws_that_left_the_wall_leave_the_change_kept_and_told() {
    pieces.save(
        id,
        1,
        "held",
        pieces.get(id).design(),
        List.of(
            new RouteEdit.Rehold(
                "body",
                java.util.Optional.of("sold jaws"),
                java.util.Optional.empty(),
                java.util.Optional.empty(),
                0)));
    assertThat(page()).contains("is held in the sold jaws").contains("can not be done any more");
  }

  @Test
  void every_step_shows_its_stiffness_and_the_curve() {
    String page = page();
    assertThat(page).contains("stiff-held").contains("softest place: ").contains("wood alone");
  }

  // Other orders.

  private String orders() {
    return visitor.get("/pieces/" + id + "/route/orders").body();
  }

  private static String first(String page, String field) {
    var found =
        java.util.regex.Pattern.compile("name=\"" + field + "\" value=\"([^\"]*)\"").matcher(page);
    assertThat(found.find()).as(page).isTrue();
    return found.group(1);
  }

  @Test
  void another_order_is_played_shown_and_taken() {
    assertThat(visitor.get("/pieces/" + id + "/route").body()).contains("Other orders of the work");
    String page = orders();
    assertThat(page).contains("As it is").contains("in force");
    String setup = first(page, "setup");
    String after = first(page, "after");
    HttpResponse<String> taken = route("orders", "setup", setup, "after", after);
    assertThat(taken.statusCode()).isEqualTo(302);
    assertThat(pieces.get(id).edits()).containsExactly(new RouteEdit.MoveSetup(setup, after));
    List<String> names = plan().route().setups().stream().map(Setup::name).toList();
    assertThat(names.indexOf(setup)).isEqualTo(names.indexOf(after) + 1);
    assertThat(plan().stops()).as("an order that forbids nothing more").isZero();
  }

  /** The fit before the hollow, or after it: both schools, and what each costs. */
  @Test
  void a_fit_goes_elsewhere_in_its_hold() {
    String page = orders();
    assertThat(page).contains("”, in the same hold");
    String step = first(page, "step");
    String behind = first(page, "behind");
    assertThat(route("orders", "step", step, "behind", behind).statusCode()).isEqualTo(302);
    assertThat(pieces.get(id).edits())
        .containsExactly(new RouteEdit.MoveAfter(new StepKey(step), new StepKey(behind)));
    route("orders", "step", step, "behind", "");
    assertThat(page()).contains("notice is-stop");
  }

  @Test
  void an_order_that_is_none_or_from_an_older_page_is_told() {
    route("orders", "setup", "", "after", "lid");
    assertThat(page()).contains("notice is-stop");
    route("orders", "choice", "no such", "option", "x");
    assertThat(page()).contains("notice is-stop");
    visitor.post(
        "/pieces/" + id + "/route/orders", "setup", "lid", "after", "body", "version", "77");
    assertThat(page()).contains("changed in another tab");
    assertThat(pieces.get(id).edits()).isEmpty();
  }

  // Holding.

  private String holding() {
    return visitor.get("/pieces/" + id + "/holding").body();
  }

  @Test
  void every_hold_says_its_jaws_its_sizes_and_why() {
    String page = holding();
    assertThat(page)
        .contains("50 mm jaws on the body&#39;s tenon")
        .contains("at its end, ⌀ 51.0 mm at its root")
        .contains("These bite all round.")
        .contains("Measured in it: ")
        .contains("take 66.0–98.0 mm, not 51.0 mm");
    assertThat(visitor.get("/pieces/" + id + "/holding/ways?end=foot").body())
        .contains("Jam plug in the mouth")
        .contains("In the route now")
        .contains("No plug is kept on the wall");
    assertThat(visitor.get("/pieces/" + id + "/holding/ways?end=side").statusCode()).isEqualTo(404);
  }

  @Test
  void another_way_to_finish_is_chosen_and_planned() {
    HttpResponse<String> r =
        visitor.post(
            "/pieces/" + id + "/holding/finish", "name", "footBy", "option", "SAW", "version", "1");
    assertThat(r.statusCode()).isEqualTo(302);
    assertThat(order()).contains("foot undercut/undercut", "foot by hand/pare");
    HttpResponse<String> no =
        visitor.post(
            "/pieces/" + id + "/holding/finish",
            "name",
            "topBy",
            "option",
            "RECESS",
            "version",
            "2");
    assertThat(no.statusCode()).isEqualTo(422);
    assertThat(no.body()).contains("it is for a foot");
    HttpResponse<String> late =
        visitor.post(
            "/pieces/" + id + "/holding/finish",
            "name",
            "footBy",
            "option",
            "EXPAND",
            "version",
            "1");
    assertThat(late.statusCode()).isEqualTo(409);
  }

  @Test
  void jam_chucks_of_another_wood_with_paper() {
    visitor.post(
        "/pieces/" + id + "/holding/jam",
        "jamWood",
        "American basswood",
        "paper",
        "2",
        "version",
        "1");
    assertThat(holding()).contains("from American basswood, paper between");
    assertThat(
            visitor
                .post(
                    "/pieces/" + id + "/holding/jam",
                    "jamWood",
                    "Lime",
                    "paper",
                    "lots",
                    "version",
                    "2")
                .body())
        .contains("whole layers");
  }

  @Test
  void other_jaws_for_a_hold() {
    visitor.post(
        "/pieces/" + id + "/holding/jaws", "setup", "lid", "jaws", "25 mm jaws", "version", "1");
    assertThat(codes()).as("the tenon follows its jaws").doesNotContain("tenon-range");
    assertThat(visitor.get("/pieces/" + id + "/route").body()).contains("25 mm jaws");
    assertThat(pieces.get(id).edits()).as("no edit is needed for it").isEmpty();
  }
}
