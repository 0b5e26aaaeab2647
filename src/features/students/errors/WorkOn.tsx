'use client';

import Link from 'next/link';
import { useState } from 'react';
import { styled } from 'styled-components';
import { monthsOf, type RecurringError } from '@/core/patterns';
import { cueOf, drillIdsFor, findError, houseNameOf } from '@/core/vocabulary';
import { dayWords } from '@/terms/dayWords';
import { useHouse, useWordOf } from '@/terms/HouseContext';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { changeWords } from '../changeView';
import { capital, exactWords, frequencySentence, percent } from '../studentView';
import { Factors } from './Factors';
import { Moments, type RoundLabels } from './Moments';
import { MonthStrip } from './MonthStrip';

const Piece = styled.article`
  display: grid; grid-template-columns: minmax(0, 1fr) 232px; gap: ${space(2)} ${space(8)}; padding: ${space(4)} 0; border-bottom: 1px solid ${color.rule};
  &:first-child { padding-top: 0; }
  h3 { font-family: ${font.serif}; font-size: 23px; font-weight: 600; line-height: 1.2; }
  .sentence { font-size: 17px; max-width: 62ch; margin: ${space(1)} 0 ${space(2)}; }
  .exact, .done { color: ${color.quiet}; font-size: ${size.small}; }
  .done { margin-top: ${space(2)}; }
  .done strong { color: ${color.ink}; font-weight: 600; }
  button.why { background: none; border: 0; padding: 0; text-decoration: underline; cursor: pointer; font-size: ${size.small}; color: ${color.quiet}; justify-self: start; }
  @media (max-width: 860px) { grid-template-columns: 1fr; }
  @media print { grid-template-columns: minmax(0, 1fr) 232px; padding: ${space(2)} 0; break-inside: avoid; button.why { display: none; } }
`;

/** One thing to work on now: how often and what it costs, whether it changes, its seconds of footage, and what is done about it. */
export function WorkOn({ found, rounds }: { readonly found: RecurringError; readonly rounds: RoundLabels }) {
  const [open, setOpen] = useState(false);
  const house = useHouse();
  const wordOf = useWordOf();
  const error = findError(found.errorId);
  if (!error) return null;
  const name = houseNameOf(house, found.errorId);
  const [drillId] = drillIdsFor(house, { ...error, id: found.errorId });
  const drilled = found.doses.findLast((one) => one.kind === 'class');
  const homework = found.doses.findLast((one) => one.kind === 'homework');
  return (
    <Piece aria-label={name}>
      <div>
        <h3>
          <Link href={`/library/${found.errorId}`}>{name}</Link>
        </h3>
        <p className="sentence">
          {capital(frequencySentence(error, found))}; {changeWords(found)}.
        </p>
        <Moments moments={found.occurrences} rounds={rounds} title={name} />
        <p className="done">
          {drillId ? (
            <>
              Drill: <Link href={`/library/${drillId}`}>{wordOf(drillId)}</Link> ·{' '}
            </>
          ) : null}
          {drilled ? `last drilled ${dayWords(drilled.day)}` : 'never taught to them in a class that is logged'}
          {homework ? ` · homework ${dayWords(homework.day)}: ${homework.words}` : ''}
        </p>
        <p className="done">
          Cue: <strong>{cueOf(house, found.errorId)}</strong>
        </p>
      </div>
      <div>
        <MonthStrip months={monthsOf(found.history)} interval={found.interval} />
        <p className="exact">{exactWords(error, found)}</p>
        <p className="exact">punished {percent(found.punishedShare)}</p>
        <button type="button" className="why" onClick={() => setOpen(!open)} aria-expanded={open}>
          {open ? 'less' : 'why it ranks here'}
        </button>
      </div>
      {open ? <Factors found={found} /> : null}
    </Piece>
  );
}
