'use client';

import { styled } from 'styled-components';
import { Button } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';
import type { Names } from '../reviewView';
import { everything, filterKinds, filterStates, isEverything, type LedgerFilter } from './ledgerFilter';

const Strip = styled.div`
  display: flex; flex-wrap: wrap; gap: ${space(1)} ${space(1.5)}; align-items: center; padding: ${space(2)} ${space(4)}; border-bottom: 1px solid ${color.rule}; font-size: ${size.small};
  button { min-height: 26px; padding: 0 ${space(2)}; font-size: ${size.small}; }
  input { flex: 1 1 120px; min-width: 0; background: ${color.raised}; color: ${color.ink}; border: 0; border-bottom: 1px solid ${color.strongRule}; padding: 3px ${space(2)}; }
  .count { color: ${color.quiet}; margin-left: auto; }
`;

const kindLabels = { errors: 'errors', attempts: 'attempts', positions: 'positions', grips: 'grips', else: 'the rest' };
const stateLabels = { 'to-judge': 'to judge', 'to-ask': 'to ask', doubtful: 'doubtful', drawn: 'drawn on' };

export interface FilterStripProps {
  readonly filter: LedgerFilter;
  readonly names: Names;
  readonly shown: number;
  readonly all: number;
  readonly onFilter: (filter: LedgerFilter) => void;
  readonly onClose: () => void;
}

/** What the ledger shows: whose marks, of which kind, in which state, with which words. */
export function FilterStrip({ filter, names, shown, all, onFilter, onClose }: FilterStripProps) {
  const toggle = <Key extends 'athlete' | 'kind' | 'state'>(
    key: Key,
    value: NonNullable<LedgerFilter[Key]>,
    label: string,
  ) => (
    <Button
      key={`${key} ${value}`}
      look={filter[key] === value ? 'lead' : 'quiet'}
      aria-pressed={filter[key] === value}
      onPress={() => onFilter({ ...filter, [key]: filter[key] === value ? undefined : value })}
    >
      {label}
    </Button>
  );
  return (
    <Strip role="search" aria-label="What the ledger shows">
      {(['a', 'b'] as const).map((athlete) => toggle('athlete', athlete, names[athlete]))}
      {filterKinds.map((kind) => toggle('kind', kind, kindLabels[kind]))}
      {filterStates.map((state) => toggle('state', state, stateLabels[state]))}
      <input
        aria-label="Words in the mark"
        placeholder="words"
        value={filter.text}
        onChange={(event) => onFilter({ ...filter, text: event.target.value })}
        onKeyDown={(event) => event.key === 'Escape' && event.currentTarget.blur()}
      />
      <span className="count" role="status">
        {shown} of {all}
      </span>
      <Button
        look="plain"
        onPress={() => {
          onFilter(everything);
          onClose();
        }}
      >
        {isEverything(filter) ? 'Close' : 'Show all'}
      </Button>
    </Strip>
  );
}
