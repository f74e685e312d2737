/**
 * What things are known by. An identity is compared, never taken apart: which board a line is of, or which kind of work is meant,
 * stands beside the name and not in it.
 */
package ruxel.core.identity;
