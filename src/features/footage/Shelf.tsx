'use client';

import { styled } from 'styled-components';
import { dayWords } from '@/terms/dayWords';
import { Quiet } from '@/ui/layout/Page';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { Film } from './Film';
import { byDay, type FootageLine, waitingWords } from './footageView';
import type { WorkNews } from './shelfNews';

const Evening = styled.section`
  padding: ${space(3)} 0 ${space(4)}; border-bottom: 1px solid ${color.rule};
  h3 { font-family: ${font.serif}; font-size: ${size.large}; font-weight: 600; margin: 0 0 ${space(2)}; display: flex; gap: ${space(4)}; align-items: baseline; flex-wrap: wrap; }
  h3 small { font-family: ${font.sans}; font-size: ${size.small}; font-weight: 400; }
  .waits { color: ${color.focusText}; font-weight: 600; }
  .films { display: flex; flex-wrap: wrap; gap: ${space(4)}; align-items: flex-start; }
`;

const lengthOf = (films: readonly FootageLine[]): number => films.reduce((sum, film) => sum + film.durationSeconds, 0);
/** Of the widest strip; shorter ones could not be read. @source own decision */
const NARROWEST = 0.4;

export interface ShelfProps {
  readonly lines: readonly FootageLine[];
  readonly work: readonly WorkNews[];
  readonly onAct: () => void;
  readonly onDelete: (line: FootageLine) => void;
}

/** The shelf by evenings: each is one strip, as wide as it was long, its rounds lying on it as they were fought. */
export function Shelf({ lines, work, onAct, onDelete }: ShelfProps) {
  const evenings = byDay(lines);
  const longest = Math.max(1, ...evenings.map(([, films]) => lengthOf(films)));
  return evenings.map(([day, films]) => {
    const length = lengthOf(films);
    const rounds = films.reduce((sum, film) => sum + film.rounds.length, 0);
    const waits = waitingWords(films);
    const width = Math.max(NARROWEST, length / longest);
    return (
      <Evening key={day} aria-label={dayWords(day)}>
        <h3>
          {dayWords(day)}
          <small>
            <Quiet>{rounds === 0 ? 'no rounds yet' : rounds === 1 ? 'one round' : `${rounds} rounds`}</Quiet>
            {waits ? ', ' : null}
            {waits ? <span className="waits">{waits}</span> : null}
          </small>
        </h3>
        <div className="films" style={{ width: `${(width * 100).toFixed(1)}%` }}>
          {films.map((film) => (
            <Film
              key={film.id}
              film={film}
              share={(width * film.durationSeconds) / Math.max(length, 1)}
              work={work.filter((one) => one.footageId === film.id)}
              onAct={onAct}
              onDelete={() => onDelete(film)}
            />
          ))}
        </div>
      </Evening>
    );
  });
}
