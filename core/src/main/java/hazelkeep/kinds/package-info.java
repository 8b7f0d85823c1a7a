/** The list of the kinds of piece that can be planned. */
package hazelkeep.kinds;
