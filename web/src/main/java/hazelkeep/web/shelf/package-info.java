/** What is on the go. */
package hazelkeep.web.shelf;
