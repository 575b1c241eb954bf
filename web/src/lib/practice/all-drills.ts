/** Every kind of question, fetched after the first one is seen. */

export { DRILLS } from '@pond-loop/core/practice';
