/**
 * What is customary gives way to what is stated: the least change of customs with which a design
 * can be drawn and nothing stops, and the smallest fight of stated sizes where there is none.
 */
package hazelkeep.giving;
