/** Lids for vessels that are there already: measured at the mouth, and fitted to it. */
package hazelkeep.kinds.lid;
