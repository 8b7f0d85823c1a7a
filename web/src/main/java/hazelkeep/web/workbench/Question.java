package hazelkeep.web.workbench;

import hazelkeep.shop.Gauge;
import hazelkeep.shop.Shop;
import hazelkeep.web.drawing.Show;
import hazelkeep.web.said.Sentences;
import hazelkeep.workbench.Leaves;
import hazelkeep.workbench.Taken;
import java.util.List;

/**
 * What is asked when a reading lies outside what will do.
 *
 * @param words what was read, and how far it is off
 * @param more what to press when there is still wood to cut; empty when there is none
 * @param stays what to press when the size is to stay
 * @param gauge the device it was read with
 * @param others devices that it may have been read with instead
 */
public record Question(String words, String more, String stays, String gauge, List<String> others) {
  /** The question about a reading. */
  static Question of(Taken j, Shop shop, Show show) {
    var d = j.prompt().dim();
    boolean more = j.leaves() == Leaves.MORE_TO_CUT;
    double off = Math.max(j.prompt().least() - j.truth(), j.truth() - j.prompt().most());
    String words =
        Sentences.of(
            "question.that-makes-to-will",
            show.words(d, j.truth()),
            show.number(d, j.prompt().least()),
            show.words(d, j.prompt().most()),
            show.words(d, off),
            more
                ? Sentences.of("question.or-more-is-still-to")
                : Sentences.of("question.too-much-is-gone"));
    return new Question(
        words,
        more ? Sentences.of("question.still-to-cut-i") : "",
        more ? Sentences.of("question.it-stays-so-plan") : Sentences.of("question.it-is-so-plan"),
        j.gauge().name(),
        shop.gauges().stream().filter(g -> g.dead() != j.gauge().dead()).map(Gauge::name).toList());
  }
}
