/** A garment as it is kept: recipe, decisions, rules; changes to it, and the decisions laid over what the recipe makes. */
package ruxel.core.garment;
