/** Who wears the garment: measures as asked, and how closely it is to sit. */
package ruxel.core.wearer;
