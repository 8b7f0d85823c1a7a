/** What is on the wall: chuck and jaws, tools, bits, gauges, the lathe. */
package hazelkeep.shop;
