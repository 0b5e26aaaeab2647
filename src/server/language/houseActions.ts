'use server';

import { revalidatePath } from 'next/cache';
import { z } from 'zod';
import { refuse } from '@/core/kernel';
import { storableText } from '@/core/marks';
import {
  type CatalogueKind,
  checkWord,
  conceptName,
  findOwnWord,
  findSchool,
  type HouseWords,
  isUnnamed,
  kindOf,
  listConceptIds,
  makeOwnId,
} from '@/core/vocabulary';
import { type Database, inTransaction, pool } from '@/data/client';
import { deleteCorrection } from '@/data/language/corrections';
import {
  deleteAlias,
  deleteHouseName,
  deleteOwnWord,
  getHouseWords,
  holdHouseWords,
  insertAlias,
  insertOwnWord,
  isNamedBesideMarks,
  saveHidden,
  saveHouseName,
  saveMerge,
  saveOwnCourse,
  saveSchoolChoice,
  updateOwnWord,
} from '@/data/language/houseWords';
import { ownCourseShape } from '@/data/language/ownCourse';
import { defineCommand } from '../kernel/defineCommand';
import { conceptId, type Named, ownWordInput, word, wordProblemText } from './houseInput';

const unknown = refuse('The library does not know this entry any more. Reload the page.');

/** Runs a change of the house's words on their latest state; two coaches who change at once do so one after the other. */
async function change(work: (database: Database, house: HouseWords) => Promise<Named>): Promise<Named> {
  const outcome = await inTransaction(pool(), async (client) => {
    await holdHouseWords(client);
    return work(client, await getHouseWords(client));
  });
  if (outcome.ok) revalidatePath('/', 'layout');
  return outcome;
}

/** Gives an entry the academy's name; empty text gives a standard entry its own name back. */
export const renameConcept = defineCommand({
  actor: 'coach',
  args: [conceptId, word],
  run: async (_coach, conceptId, name): Promise<Named> => {
    return change(async (database, house) => {
      if (!kindOf(conceptId)) return unknown;
      const own = findOwnWord(house, conceptId);
      if (!own && (name.trim() === '' || name.trim() === conceptName(conceptId))) {
        await deleteHouseName(database, conceptId);
        return { ok: true, id: conceptId };
      }
      const problem = checkWord(house, name, conceptId);
      if (problem) return refuse(wordProblemText(problem, name));
      if (own) await updateOwnWord(database, { ...own, name: name.trim() });
      else await saveHouseName(database, conceptId, name.trim());
      return { ok: true, id: conceptId };
    });
  },
});

export const addAlias = defineCommand({
  actor: 'coach',
  args: [conceptId, word],
  run: async (_coach, conceptId, alias): Promise<Named> => {
    return change(async (database, house) => {
      if (!kindOf(conceptId)) return unknown;
      const problem = checkWord(house, alias, conceptId);
      if (problem) return refuse(wordProblemText(problem, alias));
      await insertAlias(database, conceptId, alias.trim());
      return { ok: true, id: conceptId };
    });
  },
});

export const removeAlias = defineCommand({
  actor: 'coach',
  args: [conceptId, word],
  run: async (_coach, conceptId, alias): Promise<Named> => {
    return change(async (database) => {
      await deleteAlias(database, conceptId, alias);
      // What was learned is forgotten whole: the next correction begins to count anew.
      await deleteCorrection(database, alias, conceptId);
      return { ok: true, id: conceptId };
    });
  },
});

/** Takes an entry out of the library's lists, the call line and plans, or brings it back. Marks that name it stay. */
export const hideConcept = defineCommand({
  actor: 'coach',
  args: [conceptId, z.boolean()],
  run: async (_coach, conceptId, hidden): Promise<Named> => {
    return change(async (database) => {
      if (!kindOf(conceptId) || isUnnamed(conceptId)) return unknown;
      await saveHidden(database, conceptId, hidden);
      return { ok: true, id: conceptId };
    });
  },
});

/** Adds a word of the academy's own as a kind of a standard entry. */
export const addOwnWord = defineCommand({
  actor: 'coach',
  args: [ownWordInput],
  run: async (coach, draft): Promise<Named> => {
    const { likeId, name, text, aliases } = draft;
    return change(async (database, house) => {
      if (!kindOf(likeId)) return unknown;
      const words = [name, ...aliases.filter((alias) => alias.trim() !== '')];
      for (const word of words) {
        const problem = checkWord(house, word, undefined);
        if (problem) return refuse(wordProblemText(problem, word));
      }
      const id = makeOwnId(likeId, name, new Set(house.own.map((word) => word.id)));
      await insertOwnWord(database, { id, name: name.trim(), text }, coach.id);
      for (const alias of words.slice(1)) await insertAlias(database, id, alias.trim());
      return { ok: true, id };
    });
  },
});

/** Changes what is said about an own word. */
export const describeOwnWord = defineCommand({
  actor: 'coach',
  args: [conceptId, storableText().trim().max(1000, 'Use at most 1,000 characters.')],
  run: async (_coach, id, text): Promise<Named> => {
    return change(async (database, house) => {
      const own = findOwnWord(house, id);
      if (!own) return unknown;
      await updateOwnWord(database, { ...own, text: text.trim() });
      return { ok: true, id };
    });
  },
});

/** Changes how a drill of the academy's own is run; `undefined` runs it as the standard one that it is a kind of. */
export const saveCourse = defineCommand({
  actor: 'coach',
  args: [conceptId, storableText().trim().max(1000, 'Use at most 1,000 characters.'), ownCourseShape.optional()],
  run: async (_coach, id, start, course): Promise<Named> => {
    return change(async (database, house) => {
      if (!findOwnWord(house, id) || kindOf(id) !== 'drill') return unknown;
      const known = (kind: CatalogueKind) => new Set(listConceptIds({ ...house, hiddenIds: [] }, kind));
      if (course?.targetErrorIds.some((one) => !known('error').has(one)))
        return refuse('One of the errors is no longer in the library. Take it out.', 'targetErrorIds');
      if (course?.needs.some((one) => one === id || !known('drill').has(one)))
        return refuse('A drill cannot need itself, nor one that is no longer in the library. Take it out.', 'needs');
      await saveOwnCourse(database, id, start, course);
      return { ok: true, id };
    });
  },
});

/** Merges an own word into another entry of its kind: its marks count there. `undefined` undoes that; the marks were never changed. */
export const mergeWord = defineCommand({
  actor: 'coach',
  args: [conceptId, conceptId.optional()],
  run: async (_coach, id, intoId): Promise<Named> => {
    return change(async (database, house) => {
      if (!findOwnWord(house, id)) return unknown;
      if (intoId !== undefined) {
        if (kindOf(intoId) !== kindOf(id)) return refuse('Only entries of one kind can be merged. Choose another one.');
        if (intoId === id) return refuse('A word cannot be merged into itself. Choose another one.');
        if (findOwnWord(house, intoId)?.mergedIntoId)
          return refuse('That one was merged itself. Choose what it was merged into.');
        if (house.own.some((word) => word.mergedIntoId === id))
          return refuse('Others were merged into this one. Undo those merges first.');
      }
      await saveMerge(database, id, intoId);
      return { ok: true, id: intoId ?? id };
    });
  },
});

/** Removes an own word that nothing names. */
export const removeOwnWord = defineCommand({
  actor: 'coach',
  args: [conceptId],
  run: async (_coach, id): Promise<Named> => {
    return change(async (database, house) => {
      if (!findOwnWord(house, id)) return unknown;
      if ((await deleteOwnWord(database, id)) > 0) return { ok: true, id };
      return refuse(
        (await isNamedBesideMarks(database, id))
          ? 'Classes, units or reviews name this. Hide it instead: it is offered nowhere then, and they keep its name.'
          : 'Marks name this word. Merge it into another one instead, so that they keep a name.',
      );
    });
  },
});

/** Follows one side where coaches differ; the default when no key is given. */
export const chooseSchool = defineCommand({
  actor: 'coach',
  args: [conceptId, storableText().max(120).optional()],
  run: async (_coach, schoolId, optionKey): Promise<Named> => {
    return change(async (database) => {
      const school = findSchool(schoolId);
      if (!school || (optionKey && !school.options.some((one) => one.key === optionKey))) return unknown;
      await saveSchoolChoice(database, schoolId, optionKey === school.defaultKey ? undefined : optionKey);
      return { ok: true, id: schoolId };
    });
  },
});
