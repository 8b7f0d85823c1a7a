/** Plans of the core, remembered. */
package hazelkeep.web.planning;
