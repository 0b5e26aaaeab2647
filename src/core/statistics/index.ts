export * from './binomial';
export * from './mantelHaenszel';
export * from './poisson';
export * from './quantile';
export * from './rateRatio';
export * from './wilson';
