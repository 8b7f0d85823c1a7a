package hazelkeep.web.standing;

import static java.util.Comparator.comparingDouble;

import hazelkeep.measure.Unit;
import hazelkeep.piece.Plan;
import hazelkeep.piece.Posed;
import hazelkeep.route.Stage;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Mesh;
import hazelkeep.solid.Point;
import hazelkeep.solid.Polyline;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.drawing.StandingDrawing;
import hazelkeep.web.drawing.WoodColour;
import hazelkeep.web.json.Json;
import hazelkeep.web.piece.FindingView;
import hazelkeep.web.piece.Marks;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import hazelkeep.wood.Hole;
import hazelkeep.wood.Strip;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** The piece as it stands, finished or as a step leaves it; its files for other programs. */
@Controller
class StandingController {
  /** Steps of a turn in files: 128 on a radius of 40 leave 0.012 mm. */
  private static final int AROUND = 128;

  private final PieceStore pieces;
  private final Planner planner;
  private final Json json;

  StandingController(PieceStore pieces, Planner planner, Json json) {
    this.pieces = pieces;
    this.planner = planner;
    this.json = json;
  }

  /**
   * A thing as the page draws it.
   *
   * @param colour of its outside
   * @param cut of what a cut lays open
   * @param lifts whether it can be lifted off
   * @param rings closed lines of its half-section, z and r of each point
   * @param areas the same by area: what goes round it first, then what is left out
   * @param strips boards that run through it along the axis
   * @param holes drilled into it from outside
   */
  public record Thing(
      String name,
      String colour,
      String cut,
      boolean lifts,
      List<double[][]> rings,
      List<List<double[][]>> areas,
      List<Stripe> strips,
      List<Bored> holes) {}

  /**
   * A hole from outside as the page draws it.
   *
   * @param z of its middle, mm
   * @param turn round from the grain mark, radians
   * @param radius mm
   * @param from the radius of the hollow that it opens, mm
   * @param to the radius of the outside there, mm
   */
  public record Bored(double z, double turn, double radius, double from, double to) {
    static Bored of(Hole h, HalfSection wood) {
      double to = h.mouth(wood).r();
      return new Bored(h.at().z(), h.at().turn(), h.at().radius(), to - h.wall(wood), to);
    }
  }

  /**
   * A board as the page draws it.
   *
   * @param from its one side beside the axis, mm
   * @param to its other side
   * @param colour of its outside
   * @param cut of what a cut lays open
   */
  public record Stripe(double from, double to, String colour, String cut) {
    static Stripe of(Strip s) {
      String wood = WoodColour.of(s.wood().name());
      return new Stripe(s.from(), s.to(), wood, WoodColour.lighter(wood));
    }
  }

  /** All that the page draws. */
  public record Things(List<Thing> things) {}

  @GetMapping("/pieces/{id:\\d+}/standing")
  String standing(@PathVariable long id, Unit unit, Model model) {
    Piece piece = pieces.get(id);
    Plan<?> plan = planner.current(piece);
    Show show = new Show(unit);
    List<FindingView> findings = FindingView.all(plan, show, json);
    List<Posed> things = Posed.finished(plan.sketch());
    List<Stage> stages = plan.rehearsal().stages();
    model.addAttribute("piece", piece);
    model.addAttribute("show", show);
    model.addAttribute("drawing", StandingDrawing.of(things, show));
    model.addAttribute("lifts", things.stream().anyMatch(p -> p.is() == Posed.Is.LIFTS));
    model.addAttribute("stages", stages.size());
    model.addAttribute(
        "names",
        stages.stream().map(s -> "after: " + s.step().title()).collect(Collectors.joining("|"))
            + "|finished");
    model.addAttribute("properties", plan.sketch().properties());
    model.addAttribute("stands", plan.kind().stands());
    model.addAttribute("shapeMarks", Marks.shape(findings));
    model.addAttribute("routeMarks", Marks.route(findings));
    return "standing/standing";
  }

  /** What is drawn; a step that there is not is the finished piece. */
  @GetMapping("/pieces/{id:\\d+}/standing.json")
  ResponseEntity<String> things(@PathVariable long id, @RequestParam int step) {
    Plan<?> plan = planner.current(pieces.get(id));
    List<Stage> stages = plan.rehearsal().stages();
    List<Posed> posed =
        step >= 0 && step < stages.size()
            ? Posed.after(stages.get(step).after(), plan.sketch())
            : Posed.finished(plan.sketch());
    Things all = new Things(posed.stream().map(StandingController::thing).toList());
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_JSON)
        .body(json.mapper().writeValueAsString(all));
  }

  private static Thing thing(Posed p) {
    String wood = colour(p);
    List<List<double[][]>> areas = new ArrayList<>();
    p.shape()
        .pieces()
        .forEach(a -> areas.add(a.rings().stream().map(StandingController::line).toList()));
    return new Thing(
        p.name(),
        wood,
        WoodColour.lighter(wood),
        p.is() == Posed.Is.LIFTS,
        areas.stream().flatMap(List::stream).toList(),
        areas,
        p.strips().stream().map(Stripe::of).toList(),
        p.holes().stream().map(h -> Bored.of(h, p.shape())).toList());
  }

  private static String colour(Posed p) {
    return p.is() == Posed.Is.INLAY ? WoodColour.INLAY : WoodColour.of(p.wood());
  }

  private static double[][] line(Polyline ring) {
    List<Point> p = ring.points();
    return p.stream().map(x -> new double[] {x.z(), x.r()}).toArray(double[][]::new);
  }

  @GetMapping("/pieces/{id:\\d+}/piece.stl")
  ResponseEntity<byte[]> stl(@PathVariable long id) {
    Piece piece = pieces.get(id);
    return file(piece, "stl", "model/stl", ModelFile.stl(solids(piece, p -> Stream.of(whole(p)))));
  }

  @GetMapping("/pieces/{id:\\d+}/piece.glb")
  ResponseEntity<byte[]> glb(@PathVariable long id) {
    Piece piece = pieces.get(id);
    return file(
        piece,
        "glb",
        "model/gltf-binary",
        ModelFile.glb(solids(piece, StandingController::woods), json.mapper()));
  }

  private List<ModelFile.Solid> solids(Piece piece, Function<Posed, Stream<ModelFile.Solid>> of) {
    Plan<?> plan = planner.current(piece);
    return Posed.finished(plan.sketch()).stream()
        .filter(p -> !plan.aim().given(p.name()))
        .flatMap(of)
        .toList();
  }

  private static ModelFile.Solid whole(Posed p) {
    return new ModelFile.Solid(
        p.name(),
        Mesh.turned(p.shape(), AROUND, p.holes().stream().map(Hole::at).toList()),
        WoodColour.linear(colour(p)));
  }

  /** A solid in pieces of one colour: cut at both sides of each strip. */
  private static Stream<ModelFile.Solid> woods(Posed p) {
    ModelFile.Solid whole = whole(p);
    if (p.strips().isEmpty()) {
      return Stream.of(whole);
    }
    List<Strip> strips = p.strips().stream().sorted(comparingDouble(Strip::from)).toList();
    List<ModelFile.Solid> out = new ArrayList<>();
    Mesh mesh = whole.mesh();
    for (Strip s : strips) {
      mesh = mesh.cutAt(s.from()).cutAt(s.to());
    }
    double at = -HalfSection.FAR;
    for (Strip s : strips) {
      out.add(new ModelFile.Solid(p.name(), mesh.between(at, s.from()), whole.colour()));
      String wood = s.wood().name();
      out.add(
          new ModelFile.Solid(
              p.name() + ", " + wood,
              mesh.between(s.from(), s.to()),
              WoodColour.linear(WoodColour.of(wood))));
      at = Math.max(at, s.to());
    }
    out.add(new ModelFile.Solid(p.name(), mesh.between(at, HalfSection.FAR), whole.colour()));
    return out.stream().filter(s -> !s.mesh().triangles().isEmpty());
  }

  private static ResponseEntity<byte[]> file(
      Piece piece, String ending, String type, byte[] content) {
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(type))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(piece.name() + "." + ending, StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(content);
  }
}
