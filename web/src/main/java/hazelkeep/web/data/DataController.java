package hazelkeep.web.data;

import hazelkeep.measure.Unit;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.start.Copies;
import hazelkeep.web.start.Folder;
import hazelkeep.web.start.Running;
import hazelkeep.web.store.NotThere;
import hazelkeep.web.store.NotWritten;
import hazelkeep.web.store.PieceStore;
import hazelkeep.web.store.Tidying;
import hazelkeep.web.store.Writes;
import java.nio.file.Path;
import java.time.Clock;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Optional;
import org.springframework.core.io.FileSystemResource;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Where the data lie, and copies of them. */
@Controller
class DataController {
  private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("yyyy-MM-dd HH:mm");

  private final Running running;
  private final Writes writes;
  private final PieceStore pieces;
  private final Optional<Copies> copies;

  DataController(Running running, Writes writes, PieceStore pieces) {
    this.running = running;
    this.writes = writes;
    this.pieces = pieces;
    this.copies = running.folder().map(f -> new Copies(f, Clock.systemDefaultZone()));
  }

  /**
   * A copy as it is shown.
   *
   * @param name its file
   * @param when it was written
   * @param size how large
   */
  public record Line(String name, String when, String size) {
    static Line of(Copies.Copy c) {
      return new Line(
          c.name(),
          WHEN.format(c.at().atZone(ZoneId.systemDefault())),
          Math.max(1, c.bytes() >> 10) + " KB");
    }
  }

  @GetMapping("/data")
  String data(Unit unit, Model model) {
    model.addAttribute("show", new Show(unit));
    model.addAttribute("folder", running.folder().map(f -> f.path().toString()).orElse(""));
    model.addAttribute("kb", kb());
    model.addAttribute("days", Tidying.DAYS);
    model.addAttribute("trouble", writes.trouble());
    model.addAttribute("pieces", pieces.names(LATEST));
    model.addAttribute(
        "copies", copies.map(c -> c.all().stream().map(Line::of).toList()).orElse(List.of()));
    return "data/data";
  }

  /**
   * So many of the pieces changed last can be taken as files here; every piece's page has its own.
   */
  private static final int LATEST = 100;

  private long kb() {
    return running
        .folder()
        .flatMap(Folder::database)
        .map(f -> f.toFile().length() >> 10)
        .orElse(0L);
  }

  @PostMapping("/data/copy")
  String copy(RedirectAttributes flash) {
    flash.addFlashAttribute("written", written().getFileName().toString());
    return "redirect:/data";
  }

  /** For the owner's command line, which knows the key beside the data. */
  @PostMapping("/data/copy-for-owner")
  ResponseEntity<String> copyForOwner(@RequestHeader(name = "X-Hazel-Key") String key) {
    if (!running.isOwner(key)) {
      return ResponseEntity.status(HttpStatus.FORBIDDEN).body(Sentences.of("data.that-is-not-the"));
    }
    try {
      return ResponseEntity.ok(written().toString());
    } catch (NotWritten e) {
      return ResponseEntity.status(HttpStatus.INSUFFICIENT_STORAGE).body(e.getMessage());
    }
  }

  private Path written() {
    return writes.copied(
        copies.orElseThrow(() -> new NotThere(Sentences.of("data.these-data-lie-in"))));
  }

  @GetMapping("/data/copies/{name:hazel-[A-Za-z0-9-]+\\.zip}")
  ResponseEntity<FileSystemResource> download(@PathVariable String name) {
    Copies.Copy copy =
        copies.stream()
            .flatMap(c -> c.all().stream())
            .filter(c -> c.name().equals(name))
            .findFirst()
            .orElseThrow(() -> new NotThere(Sentences.of("data.there-is-no-copy")));
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_OCTET_STREAM)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(name).build().toString())
        .body(new FileSystemResource(copy.path()));
  }
}
