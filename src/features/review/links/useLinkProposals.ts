'use client';

import { useMemo } from 'react';
import { type LinkProposal, proposeLinks, type RoundReading } from '@/core/round';
import { useRemembered } from '../useRemembered';

const keyOf = ({ errorId, toId }: LinkProposal): string => `${errorId} ${toId}`;

/** What errors may have led to and nobody has confirmed or waved away, in order of time. */
export function useLinkProposals(roundId: string, reading: RoundReading) {
  const [kept, remember] = useRemembered(`owl-links-${roundId}`);
  const open = useMemo(() => proposeLinks(reading).filter((one) => !kept.includes(keyOf(one))), [reading, kept]);
  return { open, wave: (proposal: LinkProposal) => remember(keyOf(proposal)) };
}
