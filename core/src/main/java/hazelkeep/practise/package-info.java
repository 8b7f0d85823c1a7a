/** Work without wood: simulated hands and instruments, and puzzles. */
package hazelkeep.practise;
