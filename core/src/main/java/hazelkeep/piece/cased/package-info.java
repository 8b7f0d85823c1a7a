/** Slim cases and little houses: a body and a lid bored by two bits a step apart. */
package hazelkeep.piece.cased;
