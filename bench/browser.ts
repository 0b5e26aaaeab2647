import config from '../playwright.config';

/** The browser of the tests, for the benchmarks. */
export const launchOptions = config.use?.launchOptions ?? {};
