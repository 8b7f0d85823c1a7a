/** Sections as SVG. */
package hazelkeep.web.drawing;
