/** The order of work: musts, the maker's own order, reasons, closing stitches. */
package ruxel.core.order;
