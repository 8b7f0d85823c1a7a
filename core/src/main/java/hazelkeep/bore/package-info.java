/** Boring: which bits in which order, how far, and what the device that is looked at shows. */
package hazelkeep.bore;
