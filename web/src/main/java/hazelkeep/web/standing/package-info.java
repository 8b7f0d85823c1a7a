/** The piece as it stands: from outside, as a solid, and as files for other programs. */
package hazelkeep.web.standing;
