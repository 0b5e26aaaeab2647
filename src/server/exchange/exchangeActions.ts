'use server';

import { rm } from 'node:fs/promises';
import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { pool } from '@/data/client';
import { insertExport } from '@/data/exchange/exports';
import { findImport, setImportState } from '@/data/exchange/imports';
import { queueTask } from '@/data/footage/queue';
import { defineCommand } from '../kernel/defineCommand';
import { dropStored } from '../store/films';
import { takeBack } from './bringIn';
import { importFile } from './importJob';
import { type ExchangeNews, loadExchange } from './loadExchange';

const GONE = 'This package is no longer there. Choose its file again.';

/** Asks for a package of everything, under an id of the page's. */
export const askForPackage = defineCommand({
  actor: 'head-coach',
  noted: 'package-asked',
  args: [z.uuid(), z.boolean()],
  run: async (coach, exportId, films): Promise<Outcome> => {
    await insertExport(pool(), exportId, films, coach.id);
    await queueTask(pool(), 'export', { exportId }, `export:${exportId}`);
    return { ok: true };
  },
});

/** Brings in a package that was compared. */
export const bringPackageIn = defineCommand({
  actor: 'head-coach',
  noted: 'package-brought-in',
  args: [z.uuid(), z.boolean()],
  misfit: GONE,
  run: async (_coach, importId, takesTheirs): Promise<Outcome> => {
    if ((await findImport(pool(), importId))?.state !== 'compared') return refuse(GONE);
    await setImportState(pool(), importId, 'working');
    await queueTask(pool(), 'bring-in', { importId, takesTheirs }, `bring-in:${importId}`);
    return { ok: true };
  },
});

/** Leaves a package that was compared: nothing of it is brought in. */
export const leavePackage = defineCommand({
  actor: 'head-coach',
  args: [z.uuid()],
  misfit: GONE,
  run: async (_coach, importId): Promise<Outcome> => {
    if ((await findImport(pool(), importId))?.state !== 'compared') return refuse(GONE);
    await setImportState(pool(), importId, 'undone');
    await rm(importFile(importId), { force: true });
    return { ok: true };
  },
});

/** Takes back all that a package brought. */
export const takePackageBack = defineCommand({
  actor: 'head-coach',
  noted: 'package-taken-back',
  args: [z.uuid()],
  misfit: GONE,
  run: async (_coach, importId): Promise<Outcome> => {
    const films = await takeBack(pool(), importId);
    if (!films)
      return refuse(
        'Something of it was changed or used since, so it is not taken back as a whole. Delete what you do not want by hand.',
      );
    for (const name of films) await dropStored(name);
    revalidatePath('/', 'layout');
    return { ok: true };
  },
});

/** How it stands. */
export const lookAtExchange = defineCommand({
  actor: 'head-coach',
  args: [],
  run: async (): Promise<Outcome<{ readonly news: ExchangeNews }>> => ({ ok: true, news: await loadExchange() }),
});
