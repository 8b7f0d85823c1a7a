package hazelkeep.workbench;

import static org.assertj.core.api.Assertions.assertThat;

import hazelkeep.kinds.box.LiddedBox;
import hazelkeep.kinds.box.LiddedBoxKind;
import hazelkeep.measure.DimKey;
import hazelkeep.route.Finding;
import hazelkeep.shop.Shop;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A spigot that came out too thin to drive its lid is packed and measured over the packing. */
class PackedJamTest {
  private static final DimKey JAM = new DimKey("joint.jam");

  private final List<Entry> log = new ArrayList<>();

  private Bench<LiddedBox> bench() {
    return Bench.replay(LiddedBoxKind.BOX, LiddedBox.fresh(), Shop.starter(), List.of(), log);
  }

  private void enter(Fact fact) {
    log.add(new Entry(log.size() + 1, Instant.EPOCH, 1, fact));
  }

  private void read(double mm) {
    enter(bench().read(JAM, "calipers", mm, mm));
  }

  @Test
  void paper_round_it_drives_the_lid_again() {
    for (String path = ""; !path.equals("body/jam"); ) {
      var next = bench().next().orElseThrow().key();
      path = next.path();
      enter(bench().did(next));
    }
    double planned = bench().plan().aim().mm(JAM);
    read(planned - 0.2);
    Finding eased =
        bench().plan().findings().stream()
            .filter(f -> f.code().equals("jam-eased"))
            .findFirst()
            .orElseThrow();
    assertThat(eased.advice()).contains("paper, tape or film").contains("measure over it");
    read(planned);
    assertThat(bench().plan().findings())
        .extracting(Finding::code)
        .doesNotContain("jam-eased", "wood-missing");
    assertThat(bench().plan().stops()).isZero();
  }
}
