/** A yarn scale that stands in for one on the table. */
package ruxel.app.scale;
