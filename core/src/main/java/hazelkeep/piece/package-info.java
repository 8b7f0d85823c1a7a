/** Kinds of piece: their designs, rules and recipes, one folder a kind. */
package hazelkeep.piece;
