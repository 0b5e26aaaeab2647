import { z } from 'zod';

const settingsShape = z.object({
  endpoint: z.url(),
  bucket: z.string().min(1),
  region: z.string().default('us-east-1'),
  key: z.string().min(1),
  secret: z.string().min(1),
  /** Before each name in the bucket: several academies may share one. */
  prefix: z.string().default(''),
});
export type StoreSettings = z.output<typeof settingsShape>;

/** The store elsewhere that OWL_S3_… names; undefined where none is named. Throws where only half of it is. */
export function storeSettings(): StoreSettings | undefined {
  const { OWL_S3_ENDPOINT: endpoint, OWL_S3_BUCKET: bucket, OWL_S3_REGION: region } = process.env;
  const { OWL_S3_KEY: key, OWL_S3_SECRET: secret, OWL_S3_PREFIX: prefix } = process.env;
  if (!endpoint && !bucket) return undefined;
  const read = settingsShape.safeParse({ endpoint, bucket, region, key, secret, prefix });
  if (read.success) return read.data;
  const lacking = read.error.issues.map((one) => `OWL_S3_${String(one.path[0]).toUpperCase()}`);
  throw new Error(`The store elsewhere is not fully named: ${[...new Set(lacking)].join(', ')}`);
}

/** Whether films are to lie elsewhere, or to come home again: OWL_FILMS=here brings all of them back from a store that is still named. */
export const liesElsewhere = (): boolean => process.env.OWL_FILMS !== 'here';

/** How much of the films stays on this disk as well, 50 GB unless OWL_FILMS_HERE_BYTES says otherwise. @source own decision: some months of an academy's evenings */
export const bytesHere = (): number => Number(process.env.OWL_FILMS_HERE_BYTES ?? 50e9);
