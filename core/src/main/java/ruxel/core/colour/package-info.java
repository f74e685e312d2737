/** Which square takes which colourway: from a stock, no two neighbours alike, or as few as can be (handbook 13). */
package ruxel.core.colour;
