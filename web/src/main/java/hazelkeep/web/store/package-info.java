/** The database: tables in, core records out. */
package hazelkeep.web.store;
