/** Lidded boxes and canisters, by both schools. */
package hazelkeep.kinds.box;
