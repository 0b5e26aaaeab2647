/** As far as the tests use it: a small S3-compatible server. */
declare module 's3rver' {
  interface Options {
    readonly port: number;
    readonly address: string;
    readonly silent: boolean;
    readonly directory: string;
    readonly configureBuckets: readonly { readonly name: string }[];
  }
  export default class S3rver {
    constructor(options: Options);
    run(): Promise<{ readonly port: number }>;
    close(): Promise<void>;
  }
}
