/** What the maker has decided since the recipe, as one list; each decision knows its target. */
package ruxel.core.decision;
