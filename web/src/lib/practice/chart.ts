/** Charts for questions, fetched with the first that shows one. */

export { drawnChart } from '@pond-loop/core/practice';
