/**
 * Fabric worked onto the garment (model 2, handbook 11): where a strip lies, how many stitches are picked up along it, its rounds and
 * corners, and the edge it leaves.
 */
package ruxel.core.strip;
