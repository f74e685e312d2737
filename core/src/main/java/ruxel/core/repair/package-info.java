/** What would make a seam meet: candidates from the least effort up, each tried on the whole garment. */
package ruxel.core.repair;
