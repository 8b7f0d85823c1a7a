/**
 * The tablet at the lathe: opening the application to the local network, to paired devices only.
 */
package hazelkeep.web.share;
