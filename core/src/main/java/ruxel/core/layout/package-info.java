/** The decisions laid over what the recipe makes: pieces, edges and seams as they are today, and what of the decisions is gone. */
package ruxel.core.layout;
