package hazelkeep.web.data;

import hazelkeep.measure.Refused;
import hazelkeep.web.api.PieceFile;
import hazelkeep.web.json.Json;
import hazelkeep.web.planning.Planner;
import hazelkeep.web.said.Sentences;
import hazelkeep.web.store.Piece;
import hazelkeep.web.store.PieceStore;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** A piece taken from the shelf as a file, and a file put on the shelf as a piece. */
@Controller
class PieceFileController {
  private static final int MOST = 256 * 1024;
  private static final int NAME_MOST = 120;

  private final PieceStore pieces;
  private final Planner planner;
  private final Json json;

  PieceFileController(PieceStore pieces, Planner planner, Json json) {
    this.pieces = pieces;
    this.planner = planner;
    this.json = json;
  }

  @GetMapping("/pieces/{id:\\d+}/file")
  ResponseEntity<String> take(@PathVariable long id) {
    Piece piece = pieces.get(id);
    return ResponseEntity.ok()
        .contentType(MediaType.APPLICATION_JSON)
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment()
                .filename(piece.name() + ".json", StandardCharsets.UTF_8)
                .build()
                .toString())
        .body(PieceFile.write(piece, json));
  }

  @GetMapping("/data/take")
  String chosen(@RequestParam long id) {
    return "redirect:/pieces/" + id + "/file";
  }

  @PostMapping("/data/piece")
  String give(@RequestParam MultipartFile piece, RedirectAttributes flash) throws IOException {
    try {
      PieceFile file = PieceFile.read(text(piece), json, planner::shop);
      String name = file.name().isEmpty() ? "Piece from a file" : file.name();
      if (name.length() > NAME_MOST) {
        throw new Refused(Sentences.of("any.a-piece-has-a", NAME_MOST));
      }
      planner.plan(file.kind(), file.design(), file.edits());
      return "redirect:/pieces/" + pieces.create(name, file.kind(), file.design(), file.edits());
    } catch (Refused e) {
      flash.addFlashAttribute(
          "refused", Sentences.of("pieceFile.nothing-was-put-on", e.getMessage()));
      return "redirect:/data";
    }
  }

  private static String text(MultipartFile file) throws IOException {
    if (file.isEmpty()) {
      throw new Refused(Sentences.of("any.choose-a-file-first"));
    }
    if (file.getSize() > MOST) {
      throw new Refused(Sentences.of("pieceFile.a-piece-file-is"));
    }
    return new String(file.getBytes(), StandardCharsets.UTF_8);
  }
}
