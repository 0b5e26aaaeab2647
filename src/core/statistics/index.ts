export * from './binomial';
export * from './poisson';
export * from './rateRatio';
