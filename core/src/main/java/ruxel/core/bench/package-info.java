/** What is said and kept at the bench: directions joint by joint, prompts, events folded into a place. */
package ruxel.core.bench;
