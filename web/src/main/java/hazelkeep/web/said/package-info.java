/** What pages answer in words, beside their own text: in one file, to be read through. */
package hazelkeep.web.said;
