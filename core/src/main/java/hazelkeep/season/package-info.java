/** What the year does to a fit. */
package hazelkeep.season;
