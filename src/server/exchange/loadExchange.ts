import { pool } from '@/data/client';
import { findLatestExport } from '@/data/exchange/exports';
import { listImports } from '@/data/exchange/imports';

const SHOWN_IMPORTS = 20;

/** What was taken along last, and what was brought in. */
export async function loadExchange() {
  const [made, imports] = await Promise.all([findLatestExport(pool()), listImports(pool(), SHOWN_IMPORTS)]);
  return { made, imports };
}
export type ExchangeNews = Awaited<ReturnType<typeof loadExchange>>;
