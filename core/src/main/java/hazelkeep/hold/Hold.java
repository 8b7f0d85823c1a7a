package hazelkeep.hold;

import hazelkeep.measure.Grade;
import hazelkeep.measure.Verdict;
import hazelkeep.shop.Centre;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Shop;
import hazelkeep.solid.FirstContact;
import hazelkeep.solid.Frame;
import hazelkeep.solid.HalfSection;
import hazelkeep.solid.Point;
import hazelkeep.solid.Span;
import hazelkeep.wood.Body;
import hazelkeep.wood.Part;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A way of holding the work. It knows where it touches the wood and judges itself on the stock as
 * it then is.
 *
 * @param grip who carries it
 * @param tail the tail centre, if it is up
 */
public record Hold(Grip grip, Optional<Centre> tail) {
  private static final double JAW_LENGTH = 35;
  private static final double TAIL_LENGTH = 60;
  private static final double PROBE = 0.05;

  /** What calipers can't tell from a jam, mm. */
  private static final double JAM_SLACK = 0.005;

  /** This hold with the tail centre up. */
  public Hold with(Centre centre) {
    return new Hold(grip, Optional.of(centre));
  }

  /** What holds the work, in the trade's words. */
  public String words() {
    String by;
    if (grip instanceof Grip.Squeeze s) {
      by = s.jaws().name() + " on the " + s.part() + "'s tenon";
    } else if (grip instanceof Grip.JamOn j) {
      by = j.guest() + " jammed on the " + j.host() + ", held in the " + j.hostHeld().jaws().name();
    } else if (grip instanceof Grip.JamChuck j) {
      by = "jam chuck in the " + j.part() + "'s " + j.seat();
    } else {
      by = grip instanceof Grip.Centres ? "drive and live centre" : "by hand, off the lathe";
    }
    return by + tail.map(t -> ", " + t.name() + " up").orElse("");
  }

  /** Whether the work turns. */
  public boolean onLathe() {
    return !(grip instanceof Grip.Bench);
  }

  /** Everything but the work that stands in a tool's way, in the setup's frame. */
  public List<HalfSection> fixtures(Work work, Shop shop) {
    List<HalfSection> out = new ArrayList<>();
    if (grip instanceof Grip.Squeeze s) {
      out.add(jaws(work, s));
    } else if (grip instanceof Grip.JamOn j) {
      out.add(jaws(work, j.hostHeld()));
    } else if (grip instanceof Grip.JamChuck j) {
      out.add(j.chuck());
    } else if (grip instanceof Grip.Centres) {
      double start = least(work);
      out.add(cone(start, -1, shop.drive().radius()));
    }
    if (tail.isPresent()) {
      out.add(cone(most(work), 1, tail.get().radius()));
    } else if (grip instanceof Grip.Centres) {
      out.add(cone(most(work), 1, shop.live().radius()));
    }
    return out;
  }

  private static HalfSection jaws(Work work, Grip.Squeeze s) {
    double bite = work.sound(s.part()).outer(-PROBE);
    return HalfSection.box(-JAW_LENGTH, 0, bite, Math.max(s.jaws().body() / 2, bite + 10));
  }

  /** A centre: its point on the work, its shank behind. */
  private static HalfSection cone(double at, int way, double radius) {
    return HalfSection.of(
        List.of(
            new Point(at, 0),
            new Point(at + way * radius, radius),
            new Point(at + way * TAIL_LENGTH, radius),
            new Point(at + way * TAIL_LENGTH, 0)));
  }

  private static double least(Work work) {
    return work.parts().keySet().stream()
        .map(work::swept)
        .filter(h -> !h.isEmpty())
        .mapToDouble(HalfSection::minZ)
        .min()
        .orElse(0);
  }

  private static double most(Work work) {
    return work.parts().keySet().stream()
        .map(work::swept)
        .filter(h -> !h.isEmpty())
        .mapToDouble(HalfSection::maxZ)
        .max()
        .orElse(0);
  }

  /** How far the work stands out in front of the jaws or the jam chuck, mm; 0 between centres. */
  public double freeLength(Work work) {
    return grip instanceof Grip.Centres || grip instanceof Grip.Bench ? 0 : most(work);
  }

  /** A dent that mounting leaves in the wood. */
  public record Trace(String part, HalfSection dent, String by) {}

  /** What mounting leaves in the wood: the dimples of the centres, in each body's own z. */
  public List<Trace> traces(Work work, Shop shop) {
    List<Trace> out = new ArrayList<>();
    if (work.bodies().isEmpty()) {
      return out;
    }
    if (grip instanceof Grip.Centres) {
      dent(work, shop.drive(), least(work), 1).ifPresent(out::add);
      dent(work, shop.live(), most(work), -1).ifPresent(out::add);
    } else {
      tail.flatMap(c -> dent(work, c, most(work), -1)).ifPresent(out::add);
    }
    return out;
  }

  private static Optional<Trace> dent(Work work, Centre c, double at, int into) {
    if (c.dimple() == 0) {
      return Optional.empty();
    }
    HalfSection dent =
        HalfSection.of(
            List.of(
                new Point(at, 0),
                new Point(at + into * c.dimple(), 0),
                new Point(at, c.dimpleRadius())));
    for (String part : work.parts().keySet()) {
      HalfSection h = work.swept(part);
      if (!h.isEmpty() && (into > 0 ? h.minZ() == at : h.maxZ() == at)) {
        Frame back = work.frames().get(part).inverse();
        return Optional.of(new Trace(part, dent.in(back), c.name()));
      }
    }
    return Optional.empty();
  }

  /** Judges the hold on the stock as it is when it is mounted. */
  public List<Verdict> judge(Work work) {
    List<Verdict> out = new ArrayList<>();
    if (grip instanceof Grip.Squeeze s) {
      squeeze(work, s, out);
    } else if (grip instanceof Grip.JamOn j) {
      squeeze(work, j.hostHeld(), out);
      closing(work, j, out);
    } else if (grip instanceof Grip.JamChuck j) {
      chuck(work, j, out);
    }
    return out;
  }

  private void squeeze(Work work, Grip.Squeeze s, List<Verdict> out) {
    Part part = work.parts().get(s.part());
    Body body = work.bodies().get(s.part());
    JawSet jaws = s.jaws();
    if (part == null || body == null) {
      return;
    }
    HalfSection stub = part.stub("tenon").region();
    double there = body.sound().and(stub).area() / stub.area();
    if (there < HoldLimits.TENON_LEFT) {
      out.add(
          new Verdict(
              "tenon-gone",
              Grade.STOP,
              100 * there,
              100,
              "%",
              "The tenon to hold it by is gone",
              "This hold needs the tenon, and an earlier cut took it or it was never cut."));
      return;
    }
    HalfSection wood = work.sound(s.part());
    double root = 2 * wood.outer(-PROBE);
    Span range = jaws.squeeze();
    if (!range.holds(root)) {
      boolean small = root < range.from();
      out.add(
          new Verdict(
              "tenon-range",
              Grade.STOP,
              root,
              small ? range.from() : range.to(),
              "mm",
              small
                  ? "Tenon too thin for the " + jaws.name()
                  : "Tenon too thick for the " + jaws.name(),
              "Measured at its root, it lies outside what these jaws squeeze."));
    }
    double length = -wood.minZ();
    if (length > jaws.longestTenon() + 1e-6) {
      out.add(
          new Verdict(
              "tenon-long",
              length > jaws.depth() ? Grade.STOP : Grade.WATCH,
              length,
              jaws.longestTenon(),
              "mm",
              "Tenon too long for the " + jaws.name(),
              "Its end touches the bottom before the shoulder sits on the jaw fronts."));
    }
    double step = wood.outer(PROBE) - root / 2;
    if (step < HoldLimits.SHOULDER) {
      out.add(
          new Verdict(
              "shoulder-unseated",
              step <= PROBE ? Grade.STOP : Grade.WATCH,
              Math.max(0, step),
              HoldLimits.SHOULDER,
              "mm",
              "No shoulder to sit on the jaw fronts",
              "Without a shoulder against the jaws the work is held in one plane only and tips."));
    }
    free(work, root, out);
  }

  private void free(Work work, double root, List<Verdict> out) {
    if (tail.isPresent()) {
      return;
    }
    double free = freeLength(work);
    if (free > HoldLimits.FREE_LENGTH) {
      out.add(
          new Verdict(
              "free-length",
              free > HoldLimits.FREE_LENGTH_MOST ? Grade.STOP : Grade.WATCH,
              free,
              HoldLimits.FREE_LENGTH,
              "mm",
              "Stands out far without the tailstock",
              "Long work on a tenon shakes even at low speed."));
    } else if (root > 0 && free / root > HoldLimits.LEVER) {
      out.add(
          new Verdict(
              "lever",
              Grade.WATCH,
              free / root,
              HoldLimits.LEVER,
              "",
              "Long for its tenon",
              "Free length over tenon diameter: take light cuts only, or bring the tailstock up."));
    }
  }

  private void closing(Work work, Grip.JamOn j, List<Verdict> out) {
    HalfSection host = work.sound(j.host());
    HalfSection guest = work.sound(j.guest());
    if (host.isEmpty()
        || guest.isEmpty()
        || work.bodies().get(j.host()) == work.bodies().get(j.guest())) {
      return;
    }
    // A jam presses a tenth or two of a millimetre past; what is left apart then does not close.
    FirstContact c = FirstContact.of(host, guest, HoldLimits.JAM_GIVES);
    if (c.stop() > HoldLimits.SEATED) {
      out.add(
          new Verdict(
              "does-not-close",
              Grade.STOP,
              c.stop(),
              0,
              "mm",
              "Does not close on its partner",
              "Something inside touches before the rim meets its shoulder."));
      return;
    }
    Overlap o = overlap(host, guest);
    double least = -HoldLimits.JAM_LEAST_PER_MM * o.diameter;
    if (o.play > least + JAM_SLACK) {
      out.add(
          new Verdict(
              "jam-eased",
              o.play > 0 ? Grade.STOP : Grade.WATCH,
              o.play,
              least,
              "mm fit",
              "The lid is not tight on its partner",
              "It is to be driven by the jam alone; with play it spins or flies off."));
    }
  }

  /** Where one part reaches into the other: the spigot's diameter, and the play round it. */
  private record Overlap(double diameter, double play) {}

  private static Overlap overlap(HalfSection host, HalfSection guest) {
    double from = Math.max(host.minZ(), guest.minZ());
    double to = Math.min(host.maxZ(), guest.maxZ());
    if (to - from < HoldLimits.JOINT_LEAST) {
      return new Overlap(0, Double.NEGATIVE_INFINITY);
    }
    double z = (from + to) / 2;
    // The one that lies inside carries the spigot.
    boolean spigotOnHost = host.outer(z) < guest.outer(z);
    double spigot = 2 * (spigotOnHost ? host : guest).outer(z);
    double recess = 2 * (spigotOnHost ? guest : host).inner(z);
    return new Overlap(spigot, recess - spigot);
  }

  private void chuck(Work work, Grip.JamChuck j, List<Verdict> out) {
    HalfSection wood = work.sound(j.part());
    if (wood.isEmpty()) {
      return;
    }
    FirstContact c = FirstContact.of(j.chuck(), wood, HoldLimits.JAM_GIVES);
    if (c.stop() > HoldLimits.SEATED) {
      out.add(
          new Verdict(
              "jam-bottoms",
              Grade.STOP,
              c.stop(),
              0,
              "mm",
              "The jam chuck keeps the rim off its face",
              "The plug touches before the rim seats, so the work tips under the tool."));
    }
    Body body = work.bodies().get(j.part());
    double bore = 2 * wood.inner(HoldLimits.JAM_AT);
    double plug = 2 * j.chuck().outer(HoldLimits.JAM_AT);
    if (plug - bore < 0 && body != null) {
      out.add(
          new Verdict(
              "jam-loose",
              Grade.STOP,
              plug - bore,
              0,
              "mm fit",
              "The mouth is too wide for the jam chuck",
              "A jam holds by interference; with play it neither centres nor drives."));
    }
    free(work, 0, out);
  }
}
