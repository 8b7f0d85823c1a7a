/** At the lathe, step by step. */
package hazelkeep.web.workbench;
