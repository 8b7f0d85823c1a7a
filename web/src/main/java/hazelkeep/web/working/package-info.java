/** How far what takes long has come: told to the page that waits for it. */
package hazelkeep.web.working;
