package hazelkeep.workbench;

import hazelkeep.fit.Seen;
import hazelkeep.measure.DimKey;
import hazelkeep.piece.AsFound;
import hazelkeep.practice.Line;
import hazelkeep.practice.Practice;
import hazelkeep.route.Act;
import hazelkeep.solid.HalfSection;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What logs say of a turner's own hand.
 *
 * @param line of Practice that it says something of
 * @param cases how many it rests on
 * @param value what they say, in the line's unit
 * @param least the low end of what they leave open, 95 of 100
 * @param most the high end
 */
public record Learnt(Line line, int cases, double value, double least, double most) {
  /** Fewer cases say nothing. */
  public static final int LEAST = 5;

  private static final double NORMAL_95 = 1.96;

  /** Of an own spread, from so many cases on, a sound estimate. */
  private static final double HALF = 0.5;

  /**
   * Everything that logs say.
   *
   * @param logs a run each, in order
   * @param fit sizes that belong to fits: those are sneaked up on
   * @param practice what is gone by now
   */
  public static List<Learnt> of(List<List<Entry>> logs, Set<DimKey> fit, Practice practice) {
    Cases all = new Cases(fit, practice.of(Line.BORE_DRIFT_DIAMETERS));
    logs.forEach(all::log);
    List<Learnt> out = new ArrayList<>();
    spread(Line.READ_FIT, all.repeats, Math.sqrt(HALF)).ifPresent(out::add);
    spread(Line.READ_TURNED, all.turned, NORMAL_95).ifPresent(out::add);
    mean(Line.SNEAK_ABRASIVE, all.eased).ifPresent(out::add);
    mean(Line.ROUTE_REGRIP, all.runOut).ifPresent(out::add);
    mean(Line.BORE_DRIFT, all.drift).ifPresent(out::add);
    landing(all.cuts, practice, out);
    return out;
  }

  /** Pairs of what was meant and what came of it, gathered from logs. */
  private static final class Cases {
    private final Set<DimKey> fit;
    private final List<Double> repeats = new ArrayList<>();
    private final List<Double> turned = new ArrayList<>();
    private final List<Double> eased = new ArrayList<>();
    private final List<double[]> cuts = new ArrayList<>();
    private final List<Double> runOut = new ArrayList<>();
    private final List<Double> drift = new ArrayList<>();
    private final double straight;

    /**
     * @param straight so many diameters deep a bit stays on the axis
     */
    Cases(Set<DimKey> fit, double straight) {
      this.fit = fit;
      this.straight = straight;
    }

    void log(List<Entry> log) {
      Set<Long> gone = Fact.withdrawn(log);
      Map<DimKey, Double> planned = new HashMap<>();
      Map<String, HalfSection> bored = new HashMap<>();
      Fits fits = new Fits();
      Map<DimKey, Double> read = new HashMap<>();
      for (Entry e : log) {
        if (gone.contains(e.no())) {
          continue;
        }
        if (e.fact() instanceof Fact.Done d) {
          planned.putAll(d.dims());
          bored(d, bored);
          fits = new Fits();
        } else if (e.fact() instanceof Fact.Reading r && r.settles() && !fit.contains(r.what())) {
          Double was = planned.get(r.what());
          if (was != null) {
            // Read again, it is still one case.
            read.put(r.what(), r.truth() - was);
          }
        } else if (e.fact() instanceof Fact.Tried t) {
          fits.seen(t.seen(), this);
        } else if (e.fact() instanceof Fact.RunOut r) {
          runOut.add(r.side());
        } else if (e.fact() instanceof Fact.Found f && f.as().what() == AsFound.What.OFF) {
          drifted(f.as(), bored.get(f.as().part()));
        }
      }
      turned.addAll(read.values());
    }

    /** What was last taken out of each part round its axis. */
    private static void bored(Fact.Done d, Map<String, HalfSection> bored) {
      for (Act a : d.acts()) {
        if (a instanceof Act.Remove r && !r.region().isEmpty() && r.region().minR() == 0) {
          bored.put(r.part(), r.region());
        }
      }
    }

    /** How far a bit came off for each mm beyond those that it stays on the axis for. */
    private void drifted(AsFound as, HalfSection bore) {
      if (bore != null) {
        double beyond = bore.maxZ() - bore.minZ() - straight * 2 * bore.maxR();
        if (beyond > 1) {
          drift.add(as.value() / beyond);
        }
      }
    }
  }

  /** What a run of readings, cuts and readings of one spigot says. */
  private static final class Fits {
    private double root = Double.NaN;
    private double recess = Double.NaN;
    private double cut;
    private double eased;
    private int passes;

    void seen(Seen s, Cases to) {
      switch (s.what()) {
        case RECESS -> {
          repeat(recess, s.value(), to);
          recess = s.value();
        }
        case ROOT -> {
          root(s.value(), to);
          root = s.value();
          cut = 0;
          eased = 0;
          passes = 0;
        }
        case CUT -> cut += s.value();
        case ABRASIVE -> {
          eased += s.value();
          passes++;
        }
        default -> {}
      }
    }

    private void root(double now, Cases to) {
      if (Double.isNaN(root)) {
        return;
      }
      if (cut == 0 && passes == 0) {
        repeat(root, now, to);
      } else if (passes == 0) {
        to.cuts.add(new double[] {cut, root - now - cut});
      } else if (cut == 0) {
        to.eased.add((root - now) / passes);
      }
    }

    private static void repeat(double was, double now, Cases to) {
      // A reading that is far off is a slip, which is doubted, and no scatter.
      if (!Double.isNaN(was) && Math.abs(now - was) < SLIP) {
        to.repeats.add(now - was);
      }
    }
  }

  private static final double SLIP = 0.3;

  /** A spread about nothing; for so many cases known within 1.96 / sqrt(2 n) of itself. */
  private static java.util.Optional<Learnt> spread(Line line, List<Double> off, double times) {
    if (off.size() < LEAST) {
      return java.util.Optional.empty();
    }
    double sum = off.stream().mapToDouble(d -> d * d).sum();
    double sd = Math.sqrt(sum / off.size()) * times;
    double open = NORMAL_95 / Math.sqrt(2.0 * off.size());
    return java.util.Optional.of(
        new Learnt(line, off.size(), sd, sd / (1 + open), sd / Math.max(HALF / 2, 1 - open)));
  }

  private static java.util.Optional<Learnt> mean(Line line, List<Double> all) {
    if (all.size() < LEAST) {
      return java.util.Optional.empty();
    }
    double mean = all.stream().mapToDouble(Double::doubleValue).average().orElseThrow();
    double var = all.stream().mapToDouble(v -> (v - mean) * (v - mean)).sum() / (all.size() - 1);
    double open = NORMAL_95 * Math.sqrt(var / all.size());
    return java.util.Optional.of(new Learnt(line, all.size(), mean, mean - open, mean + open));
  }

  private static final double[] LEASTS = grid(0.005, 0.12, 24);
  private static final double[] SHARES = grid(0, 0.4, 21);

  private static double[] grid(double from, double to, int n) {
    double[] out = new double[n];
    Arrays.setAll(out, i -> from + (to - from) * i / (n - 1));
    return out;
  }

  /** How far a likelihood may fall below its peak for a value still to be likely, 95 of 100. */
  private static final double PROFILE = 1.92;

  /**
   * How cuts land, by likelihood: an error of a cut a has the variance (s0 + s1 a)² and that of two
   * readings. Of each of the two what the other leaves open is the interval.
   */
  private static void landing(List<double[]> cuts, Practice practice, List<Learnt> to) {
    if (cuts.size() < LEAST) {
      return;
    }
    double read = practice.of(Line.READ_FIT);
    double[] best = {Double.NEGATIVE_INFINITY, 0, 0};
    double[][] all = new double[LEASTS.length][SHARES.length];
    for (int i = 0; i < LEASTS.length; i++) {
      for (int j = 0; j < SHARES.length; j++) {
        all[i][j] = likelihood(cuts, LEASTS[i], SHARES[j], read);
        if (all[i][j] > best[0]) {
          best = new double[] {all[i][j], LEASTS[i], SHARES[j]};
        }
      }
    }
    to.add(learnt(Line.SNEAK_CUT_LEAST, cuts.size(), best[1], likely(all, best[0], true)));
    to.add(learnt(Line.SNEAK_CUT_SHARE, cuts.size(), best[2], likely(all, best[0], false)));
  }

  private static Learnt learnt(Line line, int n, double value, double[] open) {
    return new Learnt(line, n, value, open[0], open[1]);
  }

  private static double[] likely(double[][] all, double best, boolean leasts) {
    double low = Double.POSITIVE_INFINITY;
    double high = Double.NEGATIVE_INFINITY;
    for (int i = 0; i < LEASTS.length; i++) {
      for (int j = 0; j < SHARES.length; j++) {
        if (all[i][j] > best - PROFILE) {
          double v = leasts ? LEASTS[i] : SHARES[j];
          low = Math.min(low, v);
          high = Math.max(high, v);
        }
      }
    }
    return new double[] {low, high};
  }

  private static double likelihood(List<double[]> cuts, double s0, double s1, double read) {
    double sum = 0;
    for (double[] c : cuts) {
      double land = s0 + s1 * c[0];
      double var = land * land + 2 * read * read;
      sum -= Math.log(var) / 2 + c[1] * c[1] / (2 * var);
    }
    return sum;
  }

  /** Whether what is gone by now lies outside of what the cases leave open. */
  public boolean differs(Practice practice) {
    double now = practice.of(line);
    return now < least || now > most;
  }
}
