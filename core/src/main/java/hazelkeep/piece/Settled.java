package hazelkeep.piece;

import java.util.Optional;

/**
 * A design with what gives way in it.
 *
 * @param <D> the design
 * @param gave what gives way; nothing where nothing has to, or where that would not do
 * @param plain the design as it is drawn with every custom as it is; empty where it can't be
 */
public record Settled<D extends Design>(Gave gave, Optional<Sketch<D>> plain) {}
