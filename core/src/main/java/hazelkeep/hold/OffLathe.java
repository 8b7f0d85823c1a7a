package hazelkeep.hold;

import hazelkeep.finding.Verdict;
import hazelkeep.shop.Shop;
import hazelkeep.solid.HalfSection;
import java.util.List;
import java.util.function.UnaryOperator;

/** Off the lathe, by hand. */
public record OffLathe() implements Grip {
  @Override
  public String words(UnaryOperator<String> called) {
    return "by hand, off the lathe";
  }

  @Override
  public List<HalfSection> fixtures(Work work, Shop shop) {
    return List.of();
  }

  @Override
  public List<Verdict> judge(Work work, Backing back) {
    return List.of();
  }

  @Override
  public Allowed allows(Work work) {
    return Allowed.free("held by hand");
  }

  @Override
  public Support support(Work work) {
    return new Support(0, Support.Kind.PINNED, 0);
  }

  @Override
  public boolean onLathe() {
    return false;
  }

  @Override
  public double freeLength(Work work) {
    return 0;
  }
}
