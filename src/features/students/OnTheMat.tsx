'use client';

import Link from 'next/link';
import { useState } from 'react';
import { styled } from 'styled-components';
import { formatWeight, type WeightUnit } from '@/core/kernel';
import type { MonthCount, PatternStatus } from '@/core/patterns';
import { type AnyBelt, beltCloth, beltWords, type HouseWords, houseNameOf } from '@/core/vocabulary';
import { dayWords } from '@/terms/dayWords';
import { times } from '@/terms/times';
import { FoldedBelt } from '@/ui/charts/FoldedBelt';
import { Quiet, Section, Table } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';
import { Choice } from '@/ui/primitives';
import { color, space } from '@/ui/tokens/tokens';
import { MonthStrip } from './errors/MonthStrip';
import { statusWords } from './studentView';

const List = styled.div`
  .sorted { margin-bottom: ${space(3)}; }
  td.strip { padding-block: 0; vertical-align: middle; line-height: 0; }
  td.weight { white-space: nowrap; }
  [data-status='back-again'], [data-status='new'], [data-status='recurring'] { color: ${color.harm}; }
  [data-status='gone'], [data-status='fading'] { color: ${color.good}; }
`;

export interface StudentLine {
  readonly id: string;
  readonly name: string;
  readonly standing: string;
  readonly belt?: AnyBelt;
  readonly stripes: number;
  readonly weightKg?: number;
  readonly rounds: number;
  readonly lastHeldOn?: string;
  readonly top?: {
    readonly errorId: string;
    readonly count: number;
    readonly status: string;
    readonly months: readonly MonthCount[];
  };
}

const orders = ['name', 'look', 'seen'] as const;
type Order = (typeof orders)[number];

/** How much somebody needs a look: what came back or is new before what keeps coming; who has no figures comes last. */
const statusRank: Readonly<Record<PatternStatus, number>> = {
  'back-again': 0,
  new: 1,
  recurring: 2,
  occasional: 3,
  'too-little-footage': 4,
  fading: 5,
  gone: 6,
};
const rankOf = ({ top }: StudentLine): number => (top ? statusRank[top.status as PatternStatus] : 9);

/** Students in an order: as they are, by who needs a look, or by who was not seen for longest. */
export function inOrder(lines: readonly StudentLine[], order: Order): readonly StudentLine[] {
  if (order === 'name') return lines;
  const sorted = [...lines];
  if (order === 'look')
    return sorted.sort((one, other) => rankOf(one) - rankOf(other) || (other.top?.count ?? 0) - (one.top?.count ?? 0));
  const dayOf = ({ lastHeldOn }: StudentLine) => lastHeldOn ?? '';
  return sorted.sort((one, other) => (dayOf(one) < dayOf(other) ? -1 : dayOf(one) > dayOf(other) ? 1 : 0));
}

export interface OnTheMatProps {
  readonly lines: readonly StudentLine[];
  readonly foot?: PieceFootProps;
  readonly unit: WeightUnit;
  readonly house: HouseWords;
}

/** Who trains here, with what is most worth working on, month by month. */
export function OnTheMat({ lines, foot, unit, house }: OnTheMatProps) {
  const [order, setOrder] = useState<Order>('name');
  return (
    <Section>
      <h2>On the mat</h2>
      <div className="note">
        What is most worth working on now, and how often it was seen for each chance of it, month by month.
      </div>
      <List className="matter">
        <div className="sorted">
          <Choice
            label={foot?.more ? 'Order of those on this page' : 'Order'}
            value={order}
            onChange={setOrder}
            options={[
              { value: 'name', label: 'By name' },
              { value: 'look', label: 'Who needs a look' },
              { value: 'seen', label: 'Not seen for longest' },
            ]}
          />
        </div>
        <Table>
          <thead>
            <tr>
              <th>Name</th>
              <th>Belt</th>
              <th className="figure">Weight</th>
              <th className="figure">Rounds</th>
              <th>Last seen</th>
              <th>Work on</th>
              <th>By month</th>
            </tr>
          </thead>
          <tbody>
            {inOrder(lines, order).map((line) => (
              <Line key={line.id} line={line} unit={unit} house={house} />
            ))}
          </tbody>
        </Table>
        <PieceFoot {...foot} />
      </List>
    </Section>
  );
}

function Line({ line, unit, house }: { readonly line: StudentLine } & Pick<OnTheMatProps, 'unit' | 'house'>) {
  const { top } = line;
  return (
    <tr>
      <td>
        <Link href={`/students/${line.id}`}>{line.name}</Link>
        {line.standing === 'student' ? null : <Quiet> {line.standing}</Quiet>}
      </td>
      <td>
        <FoldedBelt {...beltCloth(line.belt)} stripes={line.stripes} label={beltWords(line.belt, line.stripes)} />
      </td>
      <td className="figure weight">{line.weightKg === undefined ? '–' : formatWeight(line.weightKg, unit)}</td>
      <td className="figure">{line.rounds}</td>
      <td>{line.lastHeldOn ? dayWords(line.lastHeldOn) : <Quiet>not reviewed yet</Quiet>}</td>
      <td>
        {top ? (
          <>
            {houseNameOf(house, top.errorId)}{' '}
            <Quiet>
              {times(top.count)}, <span data-status={top.status}>{statusWords[top.status as PatternStatus]}</span>
            </Quiet>
          </>
        ) : (
          <Quiet>–</Quiet>
        )}
      </td>
      <td className="strip">
        {top && top.months.length > 1 ? <MonthStrip months={top.months} width={150} height={36} /> : null}
      </td>
    </tr>
  );
}
