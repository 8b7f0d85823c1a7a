/** The fit of a joint: what it feels like, what the year does to it. */
package hazelkeep.web.fit;
