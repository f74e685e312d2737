/** Joining methods: their facts, where they are never used, what they take of the pieces. */
package ruxel.core.method;
