declare module 'jstat' {
  interface Distribution {
    inv(probability: number, ...parameters: number[]): number;
    cdf(value: number, ...parameters: number[]): number;
    pdf(value: number, ...parameters: number[]): number;
  }
  const jstat: {
    gamma: Distribution;
    beta: Distribution;
    binomial: Distribution;
    poisson: Distribution;
    normal: Distribution;
    studentt: Distribution;
    gammaln(x: number): number;
    quantiles(values: readonly number[], at: readonly number[], alpha: number, beta: number): number[];
  };
  export default jstat;
}
