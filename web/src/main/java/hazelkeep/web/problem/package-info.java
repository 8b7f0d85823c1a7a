/** Errors as pages that say what to do. */
package hazelkeep.web.problem;
