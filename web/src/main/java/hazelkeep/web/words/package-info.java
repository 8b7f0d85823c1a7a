/** The words of the trade, what they mean, and help by what is to be done. */
package hazelkeep.web.words;
