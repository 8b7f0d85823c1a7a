package hazelkeep.measure;

/** How grave a finding is. */
public enum Grade {
  /** The plan can't be carried out, or ruins the piece. */
  STOP,
  /** It may go wrong: look, or choose otherwise. */
  WATCH,
  /** Good to know. */
  NOTE
}
