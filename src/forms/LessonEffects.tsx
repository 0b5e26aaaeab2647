'use client';

import Link from 'next/link';
import { styled } from 'styled-components';
import type { LessonEffect } from '@/core/effects';
import { findError } from '@/core/vocabulary';
import { countOverWords, effectWords, othersWords } from '@/terms/effectWords';
import { exposureWords } from '@/terms/exposureWords';
import { useWordOf } from '@/terms/HouseContext';
import { Quiet, Table } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';
import { color } from '@/ui/tokens/tokens';

const Figures = styled.td`
  white-space: nowrap;
`;
const Said = styled.span`
  &[data-tone='good'] { font-weight: 600; color: ${color.ink}; }
  &[data-tone='bad'] { font-weight: 600; color: ${color.harm}; }
`;
const SHOWN = 8;

/** What happened to errors after lessons, with rounds that wait and would tell more. */
export interface ShownEffect extends Omit<LessonEffect, 'each'> {
  readonly waiting: readonly { readonly roundId: string; readonly name: string }[];
}
export interface LessonEffectsProps {
  readonly effects: readonly ShownEffect[];
  /** On the page of a drill its name is the page's. */
  readonly ofOneDrill?: boolean;
}

const toneOf = ({ ratio, interval }: ShownEffect) => {
  if (ratio === undefined || !interval) return undefined;
  if (interval.high < 1) return 'good';
  return interval.low > 1 ? 'bad' : undefined;
};

/** What can be told stands first, then what shows no change, then what needs the least footage. */
const rankOf = (effect: ShownEffect): number => (toneOf(effect) ? -2 : effect.interval ? -1 : effect.lacking);

/** Whether lessons worked: each error before and after its lesson, with how sure that is and those who did not drill it beside. */
export function LessonEffects({ effects, ofOneDrill = false }: LessonEffectsProps) {
  const wordOf = useWordOf();
  const seen = effects.filter((one) => one.before.count > 0).sort((one, other) => rankOf(one) - rankOf(other));
  const unseen = effects.length - seen.length;
  const { shown, toggle } = useShowAll(seen, SHOWN);
  return (
    <>
      <Table aria-label="Did it work">
        <thead>
          <tr>
            {ofOneDrill ? null : <th>Lesson</th>}
            <th>Error</th>
            <th className="figure">Before</th>
            <th className="figure">Since</th>
            <th>What followed</th>
            <th>Never drilled it</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((effect) => {
            const { drillId, errorId, before, after, people, waiting } = effect;
            const { said, figures } = effectWords(effect);
            const error = findError(errorId);
            return (
              <tr key={`${drillId} ${errorId}`}>
                {ofOneDrill ? null : (
                  <td>
                    <Link href={`/library/${drillId}`}>{wordOf(drillId)}</Link>
                  </td>
                )}
                <td>
                  <Link href={`/library/${errorId}`}>{wordOf(errorId)}</Link>{' '}
                  <Quiet>
                    {people === 1 ? 'one person' : `${people} people`}
                    {error ? `, over ${exposureWords(error, true)}` : ''}
                  </Quiet>
                </td>
                <Figures className="figure">{countOverWords(before, errorId)}</Figures>
                <Figures className="figure">{countOverWords(after, errorId)}</Figures>
                <td>
                  <Said data-tone={toneOf(effect)}>{said}</Said> {figures ? <Quiet>{figures}</Quiet> : null}
                  {waiting.length > 0 ? (
                    <Quiet>
                      {' '}
                      · waiting:{' '}
                      {waiting.map((one, at) => (
                        <span key={one.roundId}>
                          {at > 0 ? ', ' : ''}
                          <Link href={`/rounds/${one.roundId}`}>{one.name}</Link>
                        </span>
                      ))}
                    </Quiet>
                  ) : null}
                </td>
                <td>
                  <Quiet>{othersWords(effect) ?? '–'}</Quiet>
                </td>
              </tr>
            );
          })}
        </tbody>
      </Table>
      {toggle}
      {unseen > 0 ? (
        <p>
          <Quiet>
            {unseen === 1 ? 'One more error was' : `${unseen} more errors were`} not seen before the lesson: nothing can
            follow from that.
          </Quiet>
        </p>
      ) : null}
      <p>
        <Quiet>
          A lesson is given on what was seen often, and what was seen often by chance comes less often by itself: rates
          before it are drawn towards students of the academy, and those who never drilled it stand beside. A round on
          the day of a lesson counts as before it.
        </Quiet>
      </p>
    </>
  );
}
