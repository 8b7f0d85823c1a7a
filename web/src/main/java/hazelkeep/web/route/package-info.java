/** The route as a film strip. */
package hazelkeep.web.route;
