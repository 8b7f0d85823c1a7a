/** Slim cases and little houses, bored by two bits a step apart. */
package hazelkeep.kinds.cased;
