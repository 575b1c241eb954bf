/** The size and the yarn of a swatch in one line, fetched when a file is saved: it lets the fabric lie. */
export { sizeSaid } from '@pond-loop/core/swatch';
