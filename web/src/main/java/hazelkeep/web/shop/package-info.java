/** What is on the wall: shown, changed, brought in and taken out. */
package hazelkeep.web.shop;
