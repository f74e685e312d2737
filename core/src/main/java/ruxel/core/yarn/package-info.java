/** Yarns as makers know them: what is on the label, and what is left. */
package ruxel.core.yarn;
