import base from './playwright.config.ts';
export default { ...base, retries: 0, timeout: 45_000, expect: { timeout: 7_000 } };
