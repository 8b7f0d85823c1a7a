/** The book of findings: what may be said of a piece, each once, in words with their numbers. */
package hazelkeep.finding;
