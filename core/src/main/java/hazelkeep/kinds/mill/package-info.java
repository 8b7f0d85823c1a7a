/** Mills that are bored from both ends, and the shakers beside them. */
package hazelkeep.kinds.mill;
