/** Where the data lie, copies of them, and pieces as files. */
package hazelkeep.web.data;
