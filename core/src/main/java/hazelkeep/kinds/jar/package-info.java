/** Jars with a lid, hollowed through their mouth. */
package hazelkeep.kinds.jar;
