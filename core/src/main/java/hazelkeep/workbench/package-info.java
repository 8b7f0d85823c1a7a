/** A run at the lathe: an append-only log of facts, and what they make of the plan. */
package hazelkeep.workbench;
