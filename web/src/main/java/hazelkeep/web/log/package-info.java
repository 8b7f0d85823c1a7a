/** The record that closes a piece. */
package hazelkeep.web.log;
