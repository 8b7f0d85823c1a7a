/** Handles that are turned in one piece, with captive rings round them. */
package hazelkeep.kinds.handle;
