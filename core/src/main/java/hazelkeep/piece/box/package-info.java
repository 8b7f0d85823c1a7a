/** The lidded end-grain box: lid-over and lid-in. */
package hazelkeep.piece.box;
