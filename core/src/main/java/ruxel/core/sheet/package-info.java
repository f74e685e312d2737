/** The assembly sheet in words. */
package ruxel.core.sheet;
