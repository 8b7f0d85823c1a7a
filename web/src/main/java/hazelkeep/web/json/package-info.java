/** Core records as JSON. */
package hazelkeep.web.json;
