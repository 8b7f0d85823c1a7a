package hazelkeep.hold;

import hazelkeep.finding.Verdict;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import java.util.List;
import java.util.function.UnaryOperator;

/** Who carries the work. Each grip judges itself on the wood as it then is. */
public sealed interface Grip
    permits Centres, InJaws, Screwed, OnPartner, JamChuck, Pressed, OffLathe {
  /** In the trade's words. */
  default String words() {
    return words(UnaryOperator.identity());
  }

  /**
   * In the trade's words.
   *
   * @param called what a part is called
   */
  String words(UnaryOperator<String> called);

  /** Everything of it that stands in a tool's way, in the setup's frame. */
  List<HalfSection> fixtures(Work work, Shop shop);

  /**
   * Judges itself.
   *
   * @param back what carries the work beside it
   */
  List<Verdict> judge(Work work, Backing back);

  /** What it stands. */
  Allowed allows(Work work);

  /** How it keeps the headstock's end. */
  Support support(Work work);

  /**
   * A dent or hole that mounting leaves.
   *
   * @param dent in the setup's frame
   * @param by what made it
   */
  record Mark(HalfSection dent, String by) {}

  /** The dents and holes that it leaves. */
  default List<Mark> marks(Work work, Shop shop) {
    return List.of();
  }

  /** The same grip in other jaws; itself where no jaws are used. */
  default Grip in(JawSet jaws) {
    return this;
  }

  /** Whether the work turns. */
  default boolean onLathe() {
    return true;
  }

  /** How far the work stands out in front of it, mm. */
  default double freeLength(Work work) {
    return work.most();
  }
}
