/** Security, units and error pages. */
package hazelkeep.web.config;
