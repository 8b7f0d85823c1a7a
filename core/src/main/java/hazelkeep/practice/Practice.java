package hazelkeep.practice;

import hazelkeep.measure.Refused;
import hazelkeep.measure.Wording;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;

/**
 * What a turner goes by: the table of Practice with the turner's own values laid over it.
 *
 * @param own the turner's own values, each line once
 * @param bounds the turner's own bounds of sizes, each size once
 */
public record Practice(List<Custom> own, List<Bound> bounds) {
  /** The table as it is shipped. */
  public static final Practice USUAL = new Practice(List.of());

  /** With the usual bounds. */
  public Practice(List<Custom> own) {
    this(own, List.of());
  }

  /** Who listens to what is asked, if anybody does: it changes no answer. */
  private static final ThreadLocal<Set<Line>> ASKED = new ThreadLocal<>();

  /**
   * @throws Refused when a line or a size is there twice
   */
  public Practice {
    own = own == null ? List.of() : List.copyOf(own);
    // Files from before sizes had bounds of their own name none.
    bounds = bounds == null ? List.of() : List.copyOf(bounds);
    once(own.stream().map(Custom::name));
    once(bounds.stream().map(Bound::name));
  }

  private static void once(Stream<String> names) {
    Set<String> known = new HashSet<>();
    names.forEach(
        n -> {
          if (!known.add(n)) {
            throw new Refused(Wording.of("practice.practice-has-twice", n));
          }
        });
  }

  /** The turner's own bounds of a size. */
  public Optional<Bound> bound(String size) {
    return bounds.stream().filter(b -> b.name().equals(size)).findFirst();
  }

  /** This practice with other bounds of sizes. */
  public Practice bounded(List<Bound> others) {
    return new Practice(own, others);
  }

  /** The value of a line, in its unit. */
  public double of(Line line) {
    Set<Line> asked = ASKED.get();
    if (asked != null) {
      asked.add(line);
    }
    for (Custom c : own) {
      if (c.line() == line) {
        return c.value();
      }
    }
    return line.usual();
  }

  /** The turner's own value of a line. */
  public OptionalDouble own(Line line) {
    return own.stream().filter(c -> c.line() == line).mapToDouble(Custom::value).findFirst();
  }

  /**
   * This practice with an own value of a line, or with the usual one again.
   *
   * @throws Refused when it makes no sense, saying what would be accepted
   */
  public Practice with(Line line, OptionalDouble value) {
    List<Custom> next = new ArrayList<>(own);
    next.removeIf(c -> c.line() == line);
    value.ifPresent(v -> next.add(new Custom(line.key(), v)));
    return new Practice(next, bounds);
  }

  /**
   * Does something and adds each line that is asked on the way to a set. One that listens already
   * hears nothing of it.
   */
  public static <T> T noting(Set<Line> asked, Supplier<T> work) {
    Set<Line> before = ASKED.get();
    ASKED.set(asked);
    try {
      return work.get();
    } finally {
      ASKED.set(before);
    }
  }

  /** A set to note lines in. */
  public static Set<Line> none() {
    return EnumSet.noneOf(Line.class);
  }
}
