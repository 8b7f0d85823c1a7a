/** The parts of a piece side by side, what is bought for it, and how it goes together. */
package hazelkeep.web.parts;
