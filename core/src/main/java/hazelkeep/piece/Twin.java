package hazelkeep.piece;

/**
 * A piece that stands beside another and has its outside.
 *
 * @param kind of the twin
 * @param design of the twin
 * @param <D> the design
 */
public record Twin<D extends Design>(Kind<D> kind, D design) {}
