/** A garment in, everything computed out. */
package ruxel.core.plan;
