/** Constructions: questions with all that belongs to them, panels as instructions tell them, half garments mirrored once. */
package ruxel.core.construction;
