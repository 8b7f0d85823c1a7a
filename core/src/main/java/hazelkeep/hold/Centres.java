package hazelkeep.hold;

import hazelkeep.finding.Verdict;
import hazelkeep.measure.Wording;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import java.util.List;
import java.util.function.UnaryOperator;

/** Between the drive and the live centre. */
public record Centres() implements Grip {
  @Override
  public String words(UnaryOperator<String> called) {
    return "drive and live centre";
  }

  @Override
  public List<HalfSection> fixtures(Work work, Shop shop) {
    return List.of(
        Iron.cone(work.least(), -1, shop.drive().radius()),
        Iron.cone(work.most(), 1, shop.live().radius()));
  }

  @Override
  public List<Verdict> judge(Work work, Backing back) {
    return List.of();
  }

  @Override
  public List<Mark> marks(Work work, Shop shop) {
    return List.of(
        Iron.mark(shop.drive(), work.least(), 1), Iron.mark(shop.live(), work.most(), -1));
  }

  @Override
  public Allowed allows(Work work) {
    return Allowed.free(Wording.of("centres.driven-by-the-drive-centre"));
  }

  @Override
  public Support support(Work work) {
    return new Support(work.least(), Support.Kind.PINNED, 0);
  }

  @Override
  public double freeLength(Work work) {
    return 0;
  }
}
