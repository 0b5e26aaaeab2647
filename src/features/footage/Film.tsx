'use client';

import Link from 'next/link';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { shortNamesOf } from '@/core/kernel';
import { useZone } from '@/terms/ZoneContext';
import { Quiet } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';
import { Filmframe } from './Filmframe';
import { damageWords, type FootageLine, kitColor, momentsOfRow, pictureWords, type RoundOnFilm } from './footageView';
import type { WorkNews } from './shelfNews';
import { WorkLines } from './WorkLines';

const PICTURE_WIDTH = 92;
/** The strip at its widest, on a page of 1280. */
const WIDEST = 904;

const One = styled.article`
  display: flex; flex-direction: column; gap: ${space(1)}; min-width: 0;
  .strip { position: relative; height: 52px; background: ${color.sunken}; overflow: hidden; }
  .strip > div { position: absolute; top: 0; }
  .rounds { position: relative; height: 26px; }
  .round { position: absolute; top: 2px; height: 22px; min-width: 14px; box-sizing: border-box; display: flex; align-items: center; gap: 6px; padding: 0 4px; overflow: hidden; white-space: nowrap; text-decoration: none; font-size: ${size.small}; color: ${color.ink}; border-left: 3px solid ${color.ink}; border-top: 1px solid ${color.strongRule}; background: ${color.ground}; }
  .round:hover { text-decoration: underline; }
  .round[data-waits='yes'] { border-left-color: ${color.focus}; border-top: 2px solid ${color.focus}; background: ${color.focusWash}; }
  .kits { display: inline-flex; flex: none; }
  .kits i { width: 9px; height: 14px; border: 1px solid ${color.strongRule}; border-radius: 4px 4px 1px 1px; }
  .kits i + i { margin-left: -2px; }
  .uncut { border: 1px dashed ${color.focus}; background: ${color.focusWash}; padding: 2px ${space(2)}; display: flex; gap: ${space(4)}; align-items: baseline; flex-wrap: wrap; }
  .foot { display: flex; flex-wrap: wrap; gap: 0 ${space(4)}; align-items: baseline; font-size: ${size.small}; color: ${color.quiet}; }
  .foot b { font-weight: 400; overflow-wrap: anywhere; }
  button { min-height: 24px; padding-block: 0; }
`;
const Harm = styled.p`
  margin: ${space(1)} 0 0; color: ${color.harm}; font-size: ${size.small};
`;

export interface FilmProps {
  readonly film: FootageLine;
  /** Of the longest evening on the page, 0 to 1: how wide its strip is. */
  readonly share: number;
  readonly work: readonly WorkNews[];
  readonly onAct: () => void;
  readonly onDelete: () => void;
}

/** A file as a strip of pictures with its rounds below where they lie; what still needs a coach is amber. */
export function Film({ film, share, work, onAct, onDelete }: FilmProps) {
  const { id, name, durationSeconds, filmstrip, rounds } = film;
  const zone = useZone();
  const heldBack = [...new Set(rounds.flatMap((round) => round.notShown ?? []))];
  const damaged = damageWords(film.damagedAboutSeconds);
  const pictures = Math.max(2, Math.ceil((share * WIDEST) / PICTURE_WIDTH));
  const at = (seconds: number) => `${(Math.min(1, seconds / Math.max(durationSeconds, 1)) * 100).toFixed(2)}%`;
  return (
    <One aria-label={name} style={{ flex: `${durationSeconds} 1 0`, minWidth: 190 }}>
      <div className="strip" aria-hidden>
        {filmstrip
          ? momentsOfRow(durationSeconds, pictures).map((seconds) => (
              <div key={seconds} style={{ left: at(seconds) }}>
                <Filmframe footageId={id} strip={filmstrip} atSeconds={seconds} width={PICTURE_WIDTH} />
              </div>
            ))
          : null}
      </div>
      {rounds.length > 0 ? (
        <div className="rounds">
          {rounds.map((round) => (
            <RoundBlock
              key={round.id}
              round={round}
              left={at(round.startSeconds)}
              width={at(round.endSeconds - round.startSeconds)}
            />
          ))}
        </div>
      ) : (
        <div className="uncut">
          <Link href={`/footage/${id}`}>Cut out rounds</Link>
          <Link href={`/rounds/new?footage=${id}`}>It is one round</Link>
          <Button look="plain" onPress={onDelete}>
            Delete
          </Button>
        </div>
      )}
      <div className="foot">
        <span title={pictureWords(film, zone)}>
          <b>{name}</b> · {formatClock(durationSeconds)}
        </span>
        {rounds.length > 0 ? <Link href={`/footage/${id}`}>The cuts</Link> : null}
      </div>
      {damaged ? <Harm>{damaged}</Harm> : null}
      {heldBack.length > 0 ? <Harm>Not to be shown: {heldBack.join('; ')}</Harm> : null}
      <WorkLines work={work} onAct={onAct} />
    </One>
  );
}

function RoundBlock({
  round,
  left,
  width,
}: {
  readonly round: RoundOnFilm;
  readonly left: string;
  readonly width: string;
}) {
  const { id, a, b, markCount, notShown } = round;
  const [first, second] = shortNamesOf([a.name, b.name]);
  const waits = markCount === 0;
  const held = notShown ? `; not to be shown: ${notShown}` : '';
  const words = `${a.name} and ${b.name}, ${waits ? 'not marked yet' : `${markCount} marks`}${held}`;
  return (
    <Link
      className="round"
      href={`/rounds/${id}`}
      aria-label={words}
      title={words}
      data-waits={waits ? 'yes' : undefined}
      style={{ left, width }}
    >
      <span className="kits">
        {[a, b].map(({ name, toldApartBy }) => (
          <i
            key={name}
            title={`${name}: ${toldApartBy}`}
            style={{ background: kitColor(toldApartBy) ?? 'transparent' }}
          />
        ))}
      </span>
      {first} and {second}
      {waits ? null : <Quiet>{markCount} marks</Quiet>}
    </Link>
  );
}
