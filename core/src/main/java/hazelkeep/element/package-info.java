/** Things of wood that a turner adds to any piece; each owns all that is known about it. */
package hazelkeep.element;
