/** A whole number as it stands in a sentence: 12,000. Formatters of the platform take long to wake up, and these are many. */
export const thousands = (n: number): string => String(n).replace(/\B(?=(?:\d{3})+$)/g, ',');
