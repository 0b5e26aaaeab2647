'use client';

import Link from 'next/link';
import type { NewestAnswer } from '@/core/search';
import { dayWords } from './dayWords';
import { newestWords } from './searchWords';

/** What the newest round that could answer a question says, and the way into it. */
export const InNewest = ({ roundId, heldOn, answer }: NewestAnswer) => (
  <Link href={`/rounds/${roundId}`}>
    The newest round, {dayWords(heldOn)}: {newestWords(answer)}
  </Link>
);
