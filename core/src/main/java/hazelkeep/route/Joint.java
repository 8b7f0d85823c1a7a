package hazelkeep.route;

import hazelkeep.fit.FitClass;
import hazelkeep.measure.DimKey;
import hazelkeep.wood.SurfaceId;

/**
 * Where two parts meet in a fit.
 *
 * @param name its name
 * @param outer the surface of the recess
 * @param inner the surface of the spigot
 * @param recess dimension of the recess's diameter
 * @param spigot dimension of the spigot's diameter
 * @param fitted which of the two is turned to the other
 * @param use the class wanted in the end
 */
public record Joint(
    String name,
    SurfaceId outer,
    SurfaceId inner,
    DimKey recess,
    DimKey spigot,
    SurfaceId fitted,
    FitClass use) {}
