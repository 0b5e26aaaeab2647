'use server';

import { randomUUID } from 'node:crypto';
import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { momentOf, type Outcome, refuse } from '@/core/kernel';
import { arranged, partsOf, taughtBy, withPart } from '@/core/planning';
import { findDrill, houseNameOf } from '@/core/vocabulary';
import {
  deleteAttendee,
  deleteClass,
  endPlan,
  findClass,
  findLatestPlan,
  insertAskedPlan,
  insertClass,
  keptPairsShape,
  ownBlockShape,
  saveAttendee,
  saveIsKept,
  saveKeptPairs,
  saveOwnBlocks,
  takePlanAgain,
  updateClass,
} from '@/data/classes/classes';
import { deleteDrilled, putClassNote, saveCame, saveDrilled, saveGroupOf, saveHowItWas } from '@/data/classes/log';
import { endRun, insertAskedRun } from '@/data/classes/runs';
import { inTransaction, pool } from '@/data/client';
import { queueTask } from '@/data/footage/queue';
import { getAcademy } from '@/data/people/academy';
import { findPerson } from '@/data/people/people';
import { keepInTrash } from '@/data/trash/trash';
import { arrangeWords } from '@/terms/arrangeWords';
import { academyZone } from '../kernel/academyTime';
import { defineCommand, seenVersion } from '../kernel/defineCommand';
import { putOnce } from '../kernel/putOnce';
import { houseOf } from '../language/loadHouse';
import { askForPlan } from './askForPlan';
import { classInput, howItWasInput, locksInput, noteInput } from './classInput';
import { expectUsual } from './expectUsual';

const GONE = 'This class is no longer there. Go back to the list of classes.';

/** Makes a class under the id that the page gave it (version 0), or changes one that nobody else changed since `version`. */
export const saveClass = defineCommand({
  actor: 'coach',
  changes: 'class',
  args: [classInput, seenVersion],
  run: async (_coach, draft, { id, version }): Promise<Outcome<{ readonly classId: string }>> => {
    const zone = await academyZone();
    const content = { id, ...draft, startsAt: momentOf(zone, draft.startsAt) };
    const touched = await putOnce(version, {
      insert: () =>
        inTransaction(pool(), async (client) => {
          const made = await insertClass(client, content);
          if (made > 0) await expectUsual(client, content);
          return made;
        }),
      find: () => findClass(pool(), id),
      content,
      update: (seen) => updateClass(pool(), content, seen),
    });
    if (touched === 0)
      return refuse('Another coach changed this class meanwhile. Reload the page, then make your change again.');
    revalidatePath('/classes');
    return { ok: true, classId: id };
  },
});

export const removeClass = defineCommand({
  actor: 'coach',
  noted: 'class-deleted',
  args: [z.uuid()],
  run: async (coach, classId) => {
    await inTransaction(pool(), async (client) => {
      const one = await findClass(client, classId);
      if (!one) return;
      const title = `${one.title || 'a class'}, ${one.startsAt.slice(0, 10)}`;
      await keepInTrash(client, { id: randomUUID(), kind: 'class', title, coachId: coach.id }, classId);
      await deleteClass(client, classId);
    });
    revalidatePath('/classes');
    return { ok: true };
  },
});

/** Says whether somebody is expected; a chance of 0 takes them off the list. */
export const expectPerson = defineCommand({
  actor: 'coach',
  args: [z.uuid(), z.uuid(), z.number().min(0).max(1)],
  run: async (_coach, classId, personId, chance) => {
    if (chance === 0) await deleteAttendee(pool(), classId, personId);
    else if ((await findClass(pool(), classId)) && (await findPerson(pool(), personId)))
      await saveAttendee(pool(), classId, personId, chance);
    revalidatePath(`/classes/${classId}`);
    return { ok: true };
  },
});

/** Minutes of one drill in a class that can be. @source the bounds of the table */
const drillMinutes = z.number().int().min(0).max(240);

/** Says whether somebody came to a class that was held. */
export const logCame = defineCommand({
  actor: 'helper',
  changes: 'class',
  args: [z.uuid(), z.uuid(), z.boolean()],
  misfit: GONE,
  run: async (_coach, classId, personId, came) => {
    if (!(await findClass(pool(), classId)) || !(await findPerson(pool(), personId))) return refuse(GONE);
    await saveCame(pool(), classId, personId, came);
    revalidatePath(`/classes/${classId}`);
    return { ok: true };
  },
});

/** Says in which of two groups somebody was who came; 0 is both. */
export const logGroup = defineCommand({
  actor: 'helper',
  args: [z.uuid(), z.uuid(), z.number().int().min(0).max(2)],
  misfit: GONE,
  run: async (_coach, classId, personId, group) => {
    if ((await saveGroupOf(pool(), classId, personId, group)) === 0)
      return refuse('They are not among those who came. Tick them first, or reload the page.');
    revalidatePath(`/classes/${classId}`);
    return { ok: true };
  },
});

/** Says of somebody who came whether they struggled and what hurt. */
export const logHowItWas = defineCommand({
  actor: 'helper',
  changes: 'class',
  args: [z.uuid(), z.uuid(), howItWasInput],
  misfit: 'Write what hurt in at most 200 characters.',
  run: async (_coach, classId, personId, how) => {
    if ((await saveHowItWas(pool(), classId, personId, how)) === 0)
      return refuse('They are not among those who came. Tick them first, or reload the page.');
    revalidatePath(`/classes/${classId}`);
    return { ok: true };
  },
});

/** Says how a class went, unless another coach said something since `version`: then nothing is changed. */
export const logNote = defineCommand({
  actor: 'helper',
  changes: 'class',
  args: [z.uuid(), noteInput, z.number().int().min(0)],
  misfit: 'Write at most 2,000 characters on how it went and 1,000 on what was dangerous.',
  run: async (coach, classId, note, version): Promise<Outcome<{ readonly version: number }>> => {
    if (!(await findClass(pool(), classId))) return refuse(GONE);
    if ((await putClassNote(pool(), classId, { ...note, version }, coach.id)) === 0)
      return refuse('Another coach wrote how it went meanwhile. Copy your words, reload the page, and add them.');
    revalidatePath(`/classes/${classId}`);
    return { ok: true, version: version + 1 };
  },
});

/** Says what was drilled in a class, and for how many minutes; 0 takes it out. */
export const logDrilled = defineCommand({
  actor: 'helper',
  changes: 'class',
  args: [z.uuid(), z.string().max(120), drillMinutes],
  misfit: 'Write whole minutes from 1 to 240.',
  run: async (_coach, classId, drillId, minutes) => {
    if (!(await findClass(pool(), classId))) return refuse(GONE);
    if (!findDrill(drillId)) return refuse('This drill is no longer in the library. Reload the page.');
    if (minutes === 0) await deleteDrilled(pool(), classId, drillId);
    else await saveDrilled(pool(), classId, drillId, minutes);
    revalidatePath(`/classes/${classId}`);
    return { ok: true };
  },
});

/** Asks for a plan; the page watches what becomes of it. */
export const generateClassPlan = defineCommand({
  actor: 'coach',
  args: [z.uuid(), locksInput],
  misfit: GONE,
  run: async (coach, classId, locks): Promise<Outcome<{ readonly version: number }>> => {
    const version = await askForPlan(classId, locks, coach.id);
    if (version === undefined) return refuse(GONE);
    revalidatePath(`/classes/${classId}`);
    return { ok: true, version };
  },
});

/** Asks for the coming classes to be planned together; the page watches what becomes of it. */
export const planAhead = defineCommand({
  actor: 'coach',
  args: [z.uuid()],
  run: async (coach, runId) => {
    await inTransaction(pool(), async (client) => {
      if ((await insertAskedRun(client, runId, coach.id)) > 0)
        await queueTask(client, 'plan-run', { runId }, `plan-run:${runId}`);
    });
    revalidatePath('/classes');
    return { ok: true };
  },
});

/** Ends the work on a run that is not there yet; what was planned before stands. Harmless when it is there already. */
export const stopPlanning = defineCommand({
  actor: 'coach',
  args: [z.uuid()],
  run: async (_coach, runId) => {
    await endRun(pool(), runId, { state: 'failed', problem: { code: 'stopped' } });
    revalidatePath('/classes');
    return { ok: true };
  },
});

/** Blocks of a class beside its lessons. @source own decision: more than so many is a list, not a class */
const MOST_OWN_BLOCKS = 8;

/** Keeps the coach's own blocks of a class; the next plan makes room for them. */
export const keepOwnBlocks = defineCommand({
  actor: 'coach',
  args: [z.uuid(), z.array(ownBlockShape).max(MOST_OWN_BLOCKS)],
  misfit: 'Say what each block is in at most 120 characters, with whole minutes from 1 to 120; eight blocks at most.',
  run: async (_coach, classId, blocks) => {
    if ((await saveOwnBlocks(pool(), classId, blocks)) === 0) return refuse(GONE);
    revalidatePath(`/classes/${classId}`);
    return { ok: true };
  },
});

/** Lessons as a coach arranged them. */
const arrangementInput = z
  .array(z.object({ drillId: z.string().max(120), minutes: drillMinutes }))
  .max(20)
  .readonly();

/** Keeps the lessons of a plan, or of one of its groups (0: of all), in the order and with the minutes that the coach gave them: as a version of its own. */
export const arrangePlan = defineCommand({
  actor: 'coach',
  changes: 'class',
  args: [z.uuid(), z.number().int().min(1), z.number().int().min(0).max(2), arrangementInput],
  misfit: GONE,
  run: async (coach, classId, version, group, lessons): Promise<Outcome> => {
    const [stored, house, { planNumbers }] = await Promise.all([
      findLatestPlan(pool(), classId),
      houseOf(pool()),
      getAcademy(pool()),
    ]);
    if (stored?.version !== version)
      return refuse('There is a newer plan of this class by now. Reload the page, then arrange that one.');
    const part = partsOf(stored.plan)[Math.max(0, group - 1)];
    const found = part && arranged(part, lessons, taughtBy(house, planNumbers), planNumbers);
    if (!found) return refuse(GONE);
    if (!found.ok) return refuse(arrangeWords(found.problem, (id) => houseNameOf(house, id)));
    const kept = await inTransaction(pool(), async (client) => {
      const next = await insertAskedPlan(client, classId, stored.locks, coach.id);
      return next === undefined
        ? 0
        : endPlan(client, classId, next, { state: 'ready', plan: withPart(stored.plan, group, found.value) });
    });
    revalidatePath(`/classes/${classId}`);
    return kept > 0 ? { ok: true } : refuse(GONE);
  },
});

/** Says who works together in a class; the next plan does so wherever no rule forbids it. */
export const keepPairs = defineCommand({
  actor: 'coach',
  args: [z.uuid(), keptPairsShape],
  misfit: 'Two people make a pair, and thirty pairs are enough.',
  run: async (_coach, classId, pairs) => {
    const everybody = pairs.flat();
    if (new Set(everybody).size < everybody.length)
      return refuse('Somebody is in two of these pairs. Take one of them out first.');
    if ((await saveKeptPairs(pool(), classId, pairs)) === 0) return refuse(GONE);
    revalidatePath(`/classes/${classId}`);
    return { ok: true };
  },
});

/** Says whether the plan of a class stays as it is when the coming weeks are planned together. */
export const keepClass = defineCommand({
  actor: 'coach',
  args: [z.uuid(), z.boolean()],
  misfit: GONE,
  run: async (_coach, classId, isKept) => {
    if (isKept && !(await findLatestPlan(pool(), classId)))
      return refuse('There is no plan yet that could stay. Generate one first.');
    if ((await saveIsKept(pool(), classId, isKept)) === 0) return refuse(GONE);
    revalidatePath(`/classes/${classId}`);
    return { ok: true };
  },
});

/** Takes an earlier plan of a class again; the one that stands stays among the versions. */
export const takePlan = defineCommand({
  actor: 'coach',
  args: [z.uuid(), z.number().int().min(1)],
  misfit: GONE,
  run: async (coach, classId, version) => {
    const taken = await inTransaction(pool(), (client) => takePlanAgain(client, classId, version, coach.id));
    if (taken === undefined) return refuse('This version is no longer there. Reload the page.');
    revalidatePath(`/classes/${classId}`);
    return { ok: true };
  },
});
