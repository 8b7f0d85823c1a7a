/** How work is held: where a hold touches the wood, what stands in the way, what it leaves. */
package hazelkeep.hold;
