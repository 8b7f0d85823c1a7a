package hazelkeep.wood;

/** What a surface is for; says what it needs. */
public enum Role {
  /** Seen and touched: cut, sanded, finished. */
  SHOW,
  /** Meets its mate in a fit: cut to size, kept clear of abrasive and finish. */
  FIT,
  /** A face that another meets: cut clean. */
  MEET,
  /** Gripped while turning and gone in the end. */
  GRIP
}
