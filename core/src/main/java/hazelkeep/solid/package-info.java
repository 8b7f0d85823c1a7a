/** Geometry of turned work: curves, half-sections, their properties, contact and reach. */
package hazelkeep.solid;
