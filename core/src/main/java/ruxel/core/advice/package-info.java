/** Which joining method for which seam (handbook 8): scores, what changes them, sums, two answers, and what is never taken. */
package ruxel.core.advice;
