'use client';

import Image from 'next/image';
import Link from 'next/link';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { useZone } from '@/terms/ZoneContext';
import { Quiet } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';
import { damageWords, type FootageLine, pictureWords } from './footageView';
import type { WorkNews } from './shelfNews';
import { WorkLines } from './WorkLines';

const Line = styled.tr`
  td { vertical-align: top; }
`;
const Rounds = styled.div`
  display: flex; flex-direction: column; gap: ${space(1)};
  .verbs { display: flex; gap: ${space(4)}; align-items: center; white-space: nowrap; }
  .verbs button { min-height: 24px; padding-block: 0; }
`;
const Name = styled.div`
  overflow-wrap: anywhere; font-weight: 600;
`;
const Damage = styled.p`
  margin: ${space(1)} 0 0; color: ${color.harm}; font-size: ${size.small}; max-width: 46ch;
`;
const Poster = styled(Image)`
  display: block; object-fit: contain; background: ${color.sunken};
`;
const NoPicture = styled.div`
  width: 112px; height: 63px; background: ${color.sunken};
`;

export interface ShelfRowProps {
  readonly line: FootageLine;
  readonly work: readonly WorkNews[];
  readonly onAct: () => void;
  readonly onDelete: () => void;
}

export function ShelfRow({ line, work, onAct, onDelete }: ShelfRowProps) {
  const damaged = damageWords(line.damagedAboutSeconds);
  return (
    <Line data-footage={line.id}>
      <td>
        {line.filmstrip?.posterName ? (
          <Poster unoptimized src={`/api/footage/${line.id}/poster`} alt="" width={112} height={63} />
        ) : (
          <NoPicture />
        )}
      </td>
      <td>
        <Name>{line.name}</Name>
        <Quiet>{pictureWords(line, useZone())}</Quiet>
        {damaged ? <Damage>{damaged}</Damage> : null}
        <WorkLines work={work} onAct={onAct} />
      </td>
      <td className="figure">{formatClock(line.durationSeconds)}</td>
      <td>
        <Rounds>
          {line.rounds.map((round) => (
            <Link key={round.id} href={`/rounds/${round.id}`}>
              {round.a} and {round.b}
              <Quiet> · {round.markCount === 0 ? 'not marked yet' : `${round.markCount} marks`}</Quiet>
            </Link>
          ))}
          <div className="verbs">
            <Link href={`/footage/${line.id}`}>{line.rounds.length === 0 ? 'Cut out rounds' : 'The cuts'}</Link>
            {line.rounds.length === 0 ? <Link href={`/rounds/new?footage=${line.id}`}>It is one round</Link> : null}
            {line.rounds.length === 0 ? (
              <Button look="plain" onPress={onDelete}>
                Delete
              </Button>
            ) : null}
          </div>
        </Rounds>
      </td>
    </Line>
  );
}
