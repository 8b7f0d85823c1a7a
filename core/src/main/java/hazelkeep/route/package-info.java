/** The route: cuts, steps and setups, their rehearsal on the stock, and what it finds. */
package hazelkeep.route;
