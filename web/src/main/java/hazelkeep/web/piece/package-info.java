/** The piece in its blank: sizes, choices, findings. */
package hazelkeep.web.piece;
