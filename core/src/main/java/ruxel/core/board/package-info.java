/** Squares in a grid: motifs, boards, the lines along which their squares are joined, and in how few passes (handbook 5, 9.2, 13). */
package ruxel.core.board;
