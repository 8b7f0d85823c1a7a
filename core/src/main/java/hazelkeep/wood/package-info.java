/** Wood: what there is (bodies) and what it shall become (parts and their surfaces). */
package hazelkeep.wood;
