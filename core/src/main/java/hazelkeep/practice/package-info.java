/** Values of custom, limits and assumptions: one table, each line with its source. */
package hazelkeep.practice;
