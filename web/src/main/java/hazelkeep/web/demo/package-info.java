/** Made-up pieces for an empty database. */
package hazelkeep.web.demo;
