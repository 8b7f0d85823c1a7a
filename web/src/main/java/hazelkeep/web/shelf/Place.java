package hazelkeep.web.shelf;

import hazelkeep.web.store.RunStore.Standing;

/** Where a piece stands. */
enum Place {
  BENCH,
  PLAN,
  DONE;

  static Place of(Standing s) {
    return s.closed() ? DONE : s.started() ? BENCH : PLAN;
  }
}
