/**
 * From the command line to a running application: the data folder, its copies, and what stands in
 * the way.
 */
package hazelkeep.web.start;
