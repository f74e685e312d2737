/** Yarn of seams: how much of it, in which strands, by the table or by what the maker measured. */
package ruxel.core.strand;
