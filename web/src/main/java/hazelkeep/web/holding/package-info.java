/** How the work is held: the jaws for every hold, and the ways to finish both ends. */
package hazelkeep.web.holding;
