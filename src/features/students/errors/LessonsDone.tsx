'use client';

import Link from 'next/link';
import { styled } from 'styled-components';
import type { LessonDone } from '@/core/effects';
import { dayWords } from '@/terms/dayWords';
import { countOverWords, effectWords } from '@/terms/effectWords';
import { useWordOf } from '@/terms/HouseContext';
import { Quiet, Table } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';

const SHOWN = 6;
const Figures = styled.td`
  white-space: nowrap;
`;

/** What became of each error of this student since a class or homework was first about it. */
export function LessonsDone({ lessons }: { readonly lessons: readonly LessonDone[] }) {
  const wordOf = useWordOf();
  const { shown, toggle } = useShowAll(lessons, SHOWN);
  if (lessons.length === 0) return <p>No class or homework that is logged was about one of their errors yet.</p>;
  return (
    <>
      <Table aria-label="What was done, and what followed">
        <thead>
          <tr>
            <th>Error</th>
            <th>Done first</th>
            <th className="figure">Before</th>
            <th className="figure">Since</th>
            <th>What followed</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((one) => {
            const { errorId, first, before, after, ratio, lacking } = one;
            const { said, figures } = effectWords({ ...ratio, errorId, before, lacking });
            return (
              <tr key={errorId}>
                <td>
                  <Link href={`/library/${errorId}`}>{wordOf(errorId)}</Link>
                </td>
                <td>
                  {dayWords(first.day)}{' '}
                  <Quiet>{first.kind === 'homework' ? 'homework' : first.drillId ? wordOf(first.drillId) : ''}</Quiet>
                </td>
                <Figures className="figure">{countOverWords(before, errorId)}</Figures>
                <Figures className="figure">{countOverWords(after, errorId)}</Figures>
                <td>
                  {said} {figures ? <Quiet>{figures}</Quiet> : null}
                </td>
              </tr>
            );
          })}
        </tbody>
      </Table>
      {toggle}
    </>
  );
}
