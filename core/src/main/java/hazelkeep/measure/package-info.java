/** Lengths, how they are typed and shown, and what a number of the plan knows about itself. */
package hazelkeep.measure;
