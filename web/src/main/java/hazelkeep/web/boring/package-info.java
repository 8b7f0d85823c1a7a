/** Boring plans with the readings of the device that is looked at, and hollowing stations. */
package hazelkeep.web.boring;
