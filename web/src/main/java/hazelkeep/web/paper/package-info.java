/** Cut sheet and marking stick as PDF. */
package hazelkeep.web.paper;
