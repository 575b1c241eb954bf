import base from './playwright.config.ts';
const { webServer: _, ...rest } = base;
export default { ...rest, retries: 0, timeout: 60_000, use: { ...rest.use, actionTimeout: 15_000 } };
