/** Instruments that send their readings to the page. */
package hazelkeep.web.instrument;
