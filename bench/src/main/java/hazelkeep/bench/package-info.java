/** Benchmarks of the core. Run with {@code ./hazel bench}. */
package hazelkeep.bench;
