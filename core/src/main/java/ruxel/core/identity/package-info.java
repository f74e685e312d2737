/**
 * What things are known by. An identity is compared, never taken apart: which board a line is of, or which kind of work is meant,
 * stands beside the name and not in it. Each kind of thing has a type of its own, so that the name of one never stands for another.
 */
package ruxel.core.identity;
