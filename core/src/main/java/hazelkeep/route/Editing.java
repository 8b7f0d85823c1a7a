package hazelkeep.route;

import hazelkeep.hold.Grip;
import hazelkeep.hold.Hold;
import hazelkeep.hold.InJaws;
import hazelkeep.hold.OnPartner;
import hazelkeep.hold.Steadied;
import hazelkeep.shop.Centre;
import hazelkeep.shop.JawSet;
import hazelkeep.shop.Steady;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Changes of a route, one after the other. */
final class Editing {
  private final Means means;
  private final List<Setup> setups;

  Editing(List<Setup> setups, Means means) {
    this.means = means;
    this.setups = new ArrayList<>(setups);
  }

  List<Setup> setups() {
    return setups;
  }

  /** Whether it could be made. */
  boolean apply(RouteEdit edit) {
    if (edit instanceof RouteEdit.MoveAfter e) {
      return moveAfter(e.what(), e.after());
    }
    if (edit instanceof RouteEdit.MoveInto e) {
      int to = setup(e.setup());
      Optional<Step> moved = to < 0 ? Optional.empty() : take(e.what());
      moved.ifPresent(s -> insert(to, 0, s));
      return moved.isPresent();
    }
    if (edit instanceof RouteEdit.Drop e) {
      return take(e.what()).isPresent();
    }
    if (edit instanceof RouteEdit.Add e) {
      return add(e);
    }
    if (edit instanceof RouteEdit.MoveSetup e) {
      return moveSetup(e);
    }
    if (edit instanceof RouteEdit.DropSetup e) {
      return setups.removeIf(s -> s.name().equals(e.setup()));
    }
    if (edit instanceof RouteEdit.Again e) {
      return again(e);
    }
    return rehold((RouteEdit.Rehold) edit);
  }

  private int setup(String name) {
    for (int i = 0; i < setups.size(); i++) {
      if (setups.get(i).name().equals(name)) {
        return i;
      }
    }
    return -1;
  }

  /** The setup and place of a step; null when it is not there. */
  private int[] find(StepKey key) {
    for (int i = 0; i < setups.size(); i++) {
      List<Step> steps = setups.get(i).steps();
      for (int j = 0; j < steps.size(); j++) {
        if (steps.get(j).key().equals(key)) {
          return new int[] {i, j};
        }
      }
    }
    return null;
  }

  private void insert(int setup, int at, Step step) {
    List<Step> steps = new ArrayList<>(setups.get(setup).steps());
    steps.add(at, step);
    setups.set(setup, setups.get(setup).with(steps));
  }

  private Optional<Step> take(StepKey key) {
    int[] at = find(key);
    if (at == null) {
      return Optional.empty();
    }
    List<Step> steps = new ArrayList<>(setups.get(at[0]).steps());
    Step taken = steps.remove(at[1]);
    setups.set(at[0], setups.get(at[0]).with(steps));
    return Optional.of(taken);
  }

  private boolean moveAfter(StepKey what, StepKey after) {
    if (what.equals(after) || find(what) == null || find(after) == null) {
      return false;
    }
    Step moved = take(what).orElseThrow();
    int[] to = find(after);
    insert(to[0], to[1] + 1, moved);
    return true;
  }

  private boolean add(RouteEdit.Add e) {
    int[] after = find(e.after());
    if (means == null || after == null || find(e.key()) != null) {
      return false;
    }
    Optional<Step> step = means.step(e);
    step.ifPresent(s -> insert(after[0], after[1] + 1, s));
    return step.isPresent();
  }

  private boolean moveSetup(RouteEdit.MoveSetup e) {
    int from = setup(e.setup());
    if (from < 0 || e.setup().equals(e.after()) || (!e.after().isEmpty() && setup(e.after()) < 0)) {
      return false;
    }
    Setup moved = setups.remove(from);
    setups.add(e.after().isEmpty() ? 0 : setup(e.after()) + 1, moved);
    return true;
  }

  private boolean again(RouteEdit.Again e) {
    int like = setup(e.like());
    if (like < 0 || setup(e.name()) >= 0) {
      return false;
    }
    Setup s = setups.get(like);
    setups.add(like + 1, new Setup(e.name(), s.title(), s.hold(), s.frames(), List.of()));
    return true;
  }

  private boolean rehold(RouteEdit.Rehold e) {
    int at = setup(e.setup());
    if (at < 0 || means == null) {
      return false;
    }
    Setup s = setups.get(at);
    Hold h = s.hold();
    if (e.jaws().isPresent()) {
      Optional<JawSet> jaws = means.jaws(e.jaws().get());
      if (jaws.isEmpty()) {
        return false;
      }
      rejaw(seat(h.grip()), jaws.get());
      h = setups.get(at).hold();
    }
    if (e.tail().isPresent()) {
      Optional<Centre> tail = means.centre(e.tail().get());
      if (tail.isEmpty() && !e.tail().get().isEmpty()) {
        return false;
      }
      h = new Hold(h.grip(), tail, h.steady());
    }
    if (e.steady().isPresent()) {
      Optional<Steady> steady = means.steady(e.steady().get());
      if (steady.isEmpty() && !e.steady().get().isEmpty()) {
        return false;
      }
      h = new Hold(h.grip(), h.tail(), steady.map(x -> new Steadied(x, e.at())));
    }
    setups.set(at, s.with(h));
    return true;
  }

  /** One tenon is in one set of jaws, in all holds that grip it. */
  private void rejaw(Optional<InJaws> seat, JawSet jaws) {
    for (int i = 0; i < setups.size(); i++) {
      Setup s = setups.get(i);
      Optional<InJaws> own = seat(s.hold().grip());
      if (own.isPresent() && own.map(x -> x.in(jaws)).equals(seat.map(x -> x.in(jaws)))) {
        setups.set(
            i, s.with(new Hold(s.hold().grip().in(jaws), s.hold().tail(), s.hold().steady())));
      }
    }
  }

  private static Optional<InJaws> seat(Grip grip) {
    return grip instanceof OnPartner j
        ? Optional.of(j.hostHeld())
        : grip instanceof InJaws in ? Optional.of(in) : Optional.empty();
  }
}
