package hazelkeep.setout;

import hazelkeep.wood.Role;
import java.util.Optional;

/**
 * What a cut makes.
 *
 * @param part the part
 * @param name the surface's name, or that of waste which is kept on purpose, {@code tenon}
 * @param role what the surface is for; empty for waste
 */
public record Named(String part, String name, Optional<Role> role) {}
