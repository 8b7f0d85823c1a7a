/** How stiff work is as it is held: the beam, its critical speeds, and what they are judged by. */
package hazelkeep.stiffness;
