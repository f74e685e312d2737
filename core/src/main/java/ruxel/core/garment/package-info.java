/** A garment as it is kept: what was given, what was decided since, wording and rules. */
package ruxel.core.garment;
