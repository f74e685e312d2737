/** What the maker points at on the table. */
export type Lit = { seam: string } | { piece: string; edge: string };
