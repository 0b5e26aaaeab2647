'use client';

import Link from 'next/link';
import { Fragment, useState } from 'react';
import { styled } from 'styled-components';
import { certaintyOf, type RecurringError, statuses } from '@/core/patterns';
import { findError } from '@/core/vocabulary';
import { familyWord } from '@/terms/familyWords';
import { useWordOf } from '@/terms/HouseContext';
import { Quiet, Table } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';
import { Select } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';
import { changeWords } from '../changeView';
import { exactWords, percent, rateWords, statusWords } from '../studentView';
import { Factors } from './Factors';
import { Moments, type RoundLabels } from './Moments';

const Filters = styled.div`
  display: flex; flex-wrap: wrap; gap: ${space(4)}; margin-bottom: ${space(3)}; align-items: end;
`;
const Heading = styled.button`
  background: none; border: 0; padding: 0; cursor: pointer; font: inherit; color: inherit;
  &[aria-pressed='true'] { color: ${color.ink}; text-decoration: underline; text-underline-offset: 3px; }
`;
const Name = styled.button`
  background: none; border: 0; padding: 0; cursor: pointer; font: inherit; text-align: left; color: ${color.ink}; text-decoration: underline; text-decoration-color: ${color.strongRule}; text-underline-offset: 3px;
`;
const Inside = styled.div`
  padding: ${space(2)} 0 ${space(3)} ${space(4)}; border-left: 2px solid ${color.rule}; display: flex; flex-direction: column; gap: ${space(2)}; font-size: ${size.small};
`;

/** Lines at first: what a glance takes in. */
const SHOWN = 12;

const orders = {
  worth: { name: 'Error', of: (one: RecurringError) => one.priority },
  count: { name: 'Times', of: (one: RecurringError) => one.count },
  punished: { name: 'Punished', of: (one: RecurringError) => one.punishedShare ?? -1 },
} as const;
type Order = keyof typeof orders;

const punishments = {
  all: { name: 'either way', fits: () => true },
  some: { name: 'punished', fits: (share?: number) => (share ?? 0) > 0 },
  never: { name: 'not punished yet', fits: (share?: number) => (share ?? 0) === 0 },
} as const;

/** Every error that is known of somebody, as a table that sorts and filters; a line opens its seconds of footage. */
export function AllErrors({
  errors,
  rounds,
}: {
  readonly errors: readonly RecurringError[];
  readonly rounds: RoundLabels;
}) {
  const wordOf = useWordOf();
  const [order, setOrder] = useState<Order>('worth');
  const [family, setFamily] = useState<string>('all');
  const [status, setStatus] = useState<string>('all');
  const [punished, setPunished] = useState<keyof typeof punishments>('all');
  const [openId, setOpenId] = useState<string>();
  const familyOf = (one: RecurringError) => findError(one.errorId)?.family ?? 'any';
  const families = [...new Set(errors.map(familyOf))];
  const fitting = errors
    .filter((one) => (family === 'all' || familyOf(one) === family) && (status === 'all' || one.status === status))
    .filter((one) => punishments[punished].fits(one.punishedShare))
    .sort((one, other) => orders[order].of(other) - orders[order].of(one));
  const { shown, toggle } = useShowAll(fitting, SHOWN);
  const heading = (key: Order, figure = false) => (
    <th className={figure ? 'figure' : undefined}>
      <Heading type="button" aria-pressed={order === key} onClick={() => setOrder(key)}>
        {orders[key].name}
      </Heading>
    </th>
  );
  return (
    <>
      <Filters>
        <Select
          label="Where"
          value={family}
          onChange={setFamily}
          options={[
            { value: 'all', label: 'everywhere' },
            ...families.map((id) => ({ value: id, label: familyWord(id) })),
          ]}
        />
        <Select
          label="How it stands"
          value={status}
          onChange={setStatus}
          options={[
            { value: 'all', label: 'however' },
            ...statuses
              .filter((id) => errors.some((one) => one.status === id))
              .map((id) => ({ value: id, label: statusWords[id] })),
          ]}
        />
        <Select
          label="Whether it cost"
          value={punished}
          onChange={setPunished}
          options={Object.entries(punishments).map(([value, { name }]) => ({
            value: value as keyof typeof punishments,
            label: name,
          }))}
        />
        <Quiet>
          {fitting.length} of {errors.length}
        </Quiet>
      </Filters>
      <Table>
        <thead>
          <tr>
            {heading('worth')}
            {heading('count', true)}
            <th>How often</th>
            {heading('punished', true)}
            <th>How it stands</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((one) => {
            const error = findError(one.errorId);
            const isOpen = openId === one.errorId;
            if (!error) return null;
            return (
              <Fragment key={one.errorId}>
                <tr>
                  <td>
                    <Name
                      type="button"
                      aria-expanded={isOpen}
                      onClick={() => setOpenId(isOpen ? undefined : one.errorId)}
                    >
                      {wordOf(one.errorId)}
                    </Name>
                  </td>
                  <td className="figure">{one.count}</td>
                  <td>{rateWords(error, one)}</td>
                  <td className="figure">{percent(one.punishedShare)}</td>
                  <td>
                    {certaintyOf(one) ? changeWords(one) : statusWords[one.status]}
                    {one.symptom ? <Quiet>, follows from an earlier error</Quiet> : null}
                  </td>
                </tr>
                {isOpen ? (
                  <tr>
                    <td colSpan={5}>
                      <Inside>
                        <span>{exactWords(error, one)}</span>
                        <Moments moments={one.occurrences} rounds={rounds} shown={12} title={wordOf(one.errorId)} />
                        <Factors found={one} />
                        <Link href={`/library/${one.errorId}`}>{wordOf(one.errorId)} in the library</Link>
                      </Inside>
                    </td>
                  </tr>
                ) : null}
              </Fragment>
            );
          })}
        </tbody>
      </Table>
      {toggle}
    </>
  );
}
