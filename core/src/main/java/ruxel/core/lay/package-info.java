/** Where pieces lie on the table, and the garment as worn. */
package ruxel.core.lay;
