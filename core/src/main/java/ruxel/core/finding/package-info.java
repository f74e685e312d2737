/** What is told of a garment: codes, places, facts, levels; the sentences are made here and nowhere else. */
package ruxel.core.finding;
