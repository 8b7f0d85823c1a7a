/** The plan for other programs. */
package hazelkeep.web.api;
