'use client';

import Link from 'next/link';
import { useEffect, useMemo, useState } from 'react';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { type ChainReading, conceptIdOf, type Mark, type RoundReading } from '@/core/round';
import { loadLatentDamage } from '@/server/reviews/latentActions';
import { reelAddress } from '@/terms/addresses';
import { useWordOf } from '@/terms/HouseContext';
import { Button } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { markWords, type Names } from '../../reviewView';
import { SidePanel } from '../../SidePanel';
import { damageWords, type LatentDamage, listCauses, tidy } from './causesView';

const Matter = styled.div`
  display: contents;
  .causes > li { border-top: 1px solid ${color.rule}; padding: ${space(2)} 0; display: flex; flex-direction: column; gap: 2px; }
  .line { display: flex; gap: ${space(2)}; align-items: baseline; }
  .line .figure { margin-left: auto; font-family: ${font.serif}; font-size: ${size.large}; }
  .chain { padding-left: ${space(5)}; }
  .chain li { display: flex; gap: ${space(2)}; font-size: ${size.small}; padding: 1px 0; }
  .words { display: flex; align-items: center; gap: ${space(3)}; color: ${color.quiet}; font-size: ${size.small}; }
  .words button { margin-left: auto; min-height: 22px; padding: 0; font-size: ${size.small}; }
`;

export interface CausesPanelProps {
  readonly roundId: string;
  readonly reading: RoundReading;
  readonly chains: ChainReading;
  readonly names: Names;
  readonly startSeconds: number;
  readonly onLook: (mark: Mark) => void;
  /** Walks a chain backwards from its last consequence, step by step. */
  readonly onWalk: (lastMark: Mark) => void;
  readonly onLeave: () => void;
}

const unknown: LatentDamage = { a: {}, b: {} };

/** The first causes of the round and what each cost, then what nobody punished and somebody will. */
export function CausesPanel(props: CausesPanelProps) {
  const { roundId, reading, chains, names, startSeconds, onLook, onWalk, onLeave } = props;
  const wordOf = useWordOf();
  const [latent, setLatent] = useState(unknown);
  useEffect(() => {
    // Without an answer the catalogue's severity stands for what the athlete's own rounds would tell.
    void loadLatentDamage(roundId)
      .then((outcome) => outcome.ok && setLatent(outcome.latent))
      .catch(() => undefined);
  }, [roundId]);
  const { causes, leads, waiting } = useMemo(() => listCauses(reading, chains, latent), [reading, chains, latent]);
  const at = (mark: Mark) => (
    <button type="button" className="at" onClick={() => onLook(mark)}>
      {formatClock(mark.atSeconds - startSeconds)}
    </button>
  );
  const words = (mark: Mark) => {
    const { who, what, how, athlete } = markWords(mark, names, wordOf);
    return (
      <span>
        {who ? <span data-athlete={athlete}>{who} </span> : null}
        {what}
        {mark.kind === 'attempt' && how ? `, ${how}` : ''}
      </span>
    );
  };
  const links = (chain: readonly Mark[]) => (
    <ol className="chain">
      {chain.map((one) => (
        <li key={one.id}>
          {at(one)}
          {words(one)}
        </li>
      ))}
    </ol>
  );
  return (
    <SidePanel title="Causes and what they cost" onLeave={onLeave}>
      <Matter>
        {causes.length > 0 ? (
          <ol className="causes" aria-label="First causes">
            {causes.map(({ mark, chain, damage }) => (
              <li key={mark.id}>
                <div className="line">
                  {at(mark)}
                  {words(mark)}
                  <span className="figure">{damage.total.toFixed(1)}</span>
                </div>
                {links(chain)}
                <div className="words">
                  {damageWords(damage)}
                  {chain.length > 0 ? (
                    <>
                      <Link
                        href={reelAddress({
                          title: `${wordOf(conceptIdOf(mark) ?? '')} and what came of it`,
                          moments: [mark, ...chain].map(({ id }) => ({ markId: id })),
                          back: `/rounds/${roundId}`,
                        })}
                      >
                        Play it
                      </Link>
                      <Button look="plain" onPress={() => onWalk(chain[chain.length - 1]!)}>
                        Walk it back
                      </Button>
                    </>
                  ) : null}
                </div>
              </li>
            ))}
          </ol>
        ) : (
          <p>
            No error has cost anything yet. R goes to what may have led to something; L links by hand, any mark with a
            later one.
          </p>
        )}
        {leads.length > 0 ? (
          <>
            <h3>What made room for what</h3>
            <ol className="causes" aria-label="What led to what">
              {leads.map(({ mark, chain }) => (
                <li key={mark.id}>
                  <div className="line">
                    {at(mark)}
                    {words(mark)}
                  </div>
                  {links(chain)}
                </li>
              ))}
            </ol>
          </>
        ) : null}
        {waiting.length > 0 ? (
          <>
            <h3>Not punished, and what somebody one belt up would make of it</h3>
            <ol aria-label="Not punished">
              {waiting.map(({ mark, latentDamage }) => (
                <li key={mark.id} className="line">
                  {at(mark)}
                  {words(mark)}
                  <span className="figure">{tidy(latentDamage)}</span>
                </li>
              ))}
            </ol>
            <p>Expected, not happened: these figures are in no sum above.</p>
          </>
        ) : null}
        <p>
          Points given away, placement lost per minute, 8 for a tap. What several causes share is divided among them, so
          the sum is what the round cost. Shift R goes from any mark to what led to it.
        </p>
      </Matter>
    </SidePanel>
  );
}
