package hazelkeep.web;

import hazelkeep.web.api.PieceFile;
import hazelkeep.web.json.Json;
import hazelkeep.web.store.PieceStore;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeSet;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** What other programs are answered for each piece of the demo. */
class GoldenApiTest {
  @Test
  void the_demo_s_pieces_are_answered_as_they_were() {
    App app = App.start("jdbc:h2:mem:" + UUID.randomUUID() + ";DB_CLOSE_DELAY=-1", "demo");
    try {
      GoldenFile.same("answers", was -> answers(app));
    } finally {
      app.stop();
    }
  }

  private static List<String> answers(App app) {
    PieceStore pieces = app.bean(PieceStore.class);
    App.Visitor visitor = app.visitor();
    List<String> out = new ArrayList<>();
    for (Long id : new TreeSet<>(pieces.names().keySet())) {
      String file = PieceFile.write(pieces.get(id), new Json());
      out.add("== " + pieces.get(id).name());
      flat("", visitor.plan(file), out);
    }
    return out;
  }

  /** A line a value, with its place; numbers to two places. */
  private static void flat(String at, JsonNode node, List<String> out) {
    if (node.isObject()) {
      new TreeSet<>(node.propertyNames())
          .forEach(name -> flat(at.isEmpty() ? name : at + "." + name, node.get(name), out));
    } else if (node.isArray()) {
      for (int i = 0; i < node.size(); i++) {
        flat(at + "[" + i + "]", node.get(i), out);
      }
    } else {
      out.add(
          at + " " + (node.isNumber() ? GoldenFile.num(node.doubleValue()) : node.asString("")));
    }
  }
}
