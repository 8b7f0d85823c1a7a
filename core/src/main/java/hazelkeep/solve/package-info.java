/** Linear programmes over sizes: the least change with which all holds. */
package hazelkeep.solve;
