/** Instruments: what they send, and a simulated set of them. */
package hazelkeep.instrument;
