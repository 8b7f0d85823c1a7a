/** How a piece closes: what its lid weighs, how much air it traps, how it feels. */
package hazelkeep.closing;
