/** Mills and the shakers that go with them: bored from both ends, with seats for bought parts. */
package hazelkeep.piece.mill;
