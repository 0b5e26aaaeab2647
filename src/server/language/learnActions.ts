'use server';

import { revalidatePath } from 'next/cache';
import { learnCertainty, plainWeights } from '@/core/commentary';
import type { Outcome } from '@/core/kernel';
import { checkWord, isUnnamed, kindOf, wordsForConcept } from '@/core/vocabulary';
import { inTransaction, pool } from '@/data/client';
import { countCorrection, deleteCorrection, insertLearned } from '@/data/language/corrections';
import { deleteAlias, getHouseWords, holdHouseWords } from '@/data/language/houseWords';
import { findSpeechWeights, saveSpeechWeights } from '@/data/language/speechWeights';
import { defineCommand } from '../kernel/defineCommand';
import { conceptId, decidedCards, learnedWords } from './houseInput';

/** The second time is no slip of the hand any more. @source own decision */
const TIMES_TO_LEARN = 2;

/**
 * A coach said that these words, read as something else, mean this entry. The second time they become the academy's own words for it, unless they are the name
 * of something: `learned` says whether they did just now.
 */
export const learnWords = defineCommand({
  actor: 'coach',
  args: [learnedWords, conceptId],
  run: async (_coach, words, conceptId): Promise<Outcome<{ readonly learned: boolean }>> => {
    const learned = await inTransaction(pool(), async (client) => {
      await holdHouseWords(client);
      if (!kindOf(conceptId) || isUnnamed(conceptId)) return false;
      const times = await countCorrection(client, words, conceptId);
      const house = await getHouseWords(client);
      if (times < TIMES_TO_LEARN || wordsForConcept(house, conceptId).includes(words)) return false;
      if (checkWord(house, words, conceptId)) return false;
      await insertLearned(client, conceptId, words);
      return true;
    });
    if (learned) revalidatePath('/library', 'layout');
    return { ok: true, learned };
  },
});

/** What coaches decided on the cards of a talk: it teaches how certain the next ones are. */
export const learnCards = defineCommand({
  actor: 'coach',
  args: [decidedCards],
  run: async (_coach, decided): Promise<Outcome<object>> => {
    await inTransaction(pool(), async (client) => {
      await holdHouseWords(client);
      const weights = (await findSpeechWeights(client)) ?? plainWeights;
      await saveSpeechWeights(client, learnCertainty(weights, decided), decided.length);
    });
    return { ok: true };
  },
});

/** Takes back what was learned: the words mean again what they would mean anywhere. */
export const forgetWords = defineCommand({
  actor: 'coach',
  args: [learnedWords, conceptId],
  run: async (_coach, words, conceptId): Promise<Outcome<{ readonly id: string }>> => {
    await inTransaction(pool(), async (client) => {
      await holdHouseWords(client);
      await deleteCorrection(client, words, conceptId);
      await deleteAlias(client, conceptId, words);
    });
    revalidatePath('/', 'layout');
    return { ok: true, id: conceptId };
  },
});
