/** Practice without wood: the fit, whole pieces by a simulated hand, riddles of the day. */
package hazelkeep.web.practise;
