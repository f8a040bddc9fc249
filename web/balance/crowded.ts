/** Up to so many lines there is room at the table for all that belongs to them. */
const ROOMY = 5;

/** Whether a batch has so many lines that what is said of them is cut short at the table. */
export const isCrowded = (lines: number): boolean => lines > ROOMY;
