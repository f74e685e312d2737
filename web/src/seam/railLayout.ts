/** Heights of the rails' parts, px. */
export const HEIGHT = 424;
export const A = { cloth: 44, clothHeight: 82, marks: 126, marksHeight: 26, ripple: 88 };
export const B = { marks: 238, marksHeight: 34, cloth: 272, clothHeight: 60, ripple: 306 };
export const BRACKETS = 342;
/** Under this width a place is drawn as part of a band. */
export const BAND_PX = 6;
