/** Changes a maker makes to a garment: each refused with its reason, or giving the garment as it is after it. */
package ruxel.core.change;
