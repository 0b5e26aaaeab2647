'use client';

import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import type { ClassPlan } from '@/core/planning';
import { drillOf, findHazard } from '@/core/vocabulary';
import { useHouse, useWordOf } from '@/terms/HouseContext';
import { color, font, space } from '@/ui/tokens/tokens';
import { besideWords, partWords, plainTitle, plainWords, watchedIn } from '../classView';

const Body = styled.main`
  display: grid; grid-template-columns: minmax(0, 1.7fr) minmax(240px, 1fr); gap: ${space(6)}; padding: ${space(4)}; overflow: auto;
  @media (max-width: 760px) { grid-template-columns: minmax(0, 1fr); }
  .kind { font-size: 19px; color: ${color.quiet}; }
  h2 { font-size: clamp(26px, 4.4vw, 44px); line-height: 1.1; margin: ${space(1)} 0 ${space(2)}; }
  .cue { font-family: ${font.serif}; font-size: clamp(22px, 3vw, 32px); line-height: 1.25; margin-top: ${space(3)}; max-width: none; }
  .more { font-size: clamp(18px, 2.2vw, 22px); line-height: 1.35; margin-top: ${space(2)}; max-width: none; }
  .caution { border-left: 4px solid ${color.focus}; padding-left: ${space(3)}; }
  aside h3 { font-size: 19px; margin-bottom: ${space(2)}; }
  aside ul { list-style: none; margin: 0 0 ${space(5)}; padding: 0; font-size: 20px; line-height: 1.5; }
  aside .out { color: ${color.quiet}; font-size: 17px; }
`;

export interface MatBlockProps {
  readonly plan: ClassPlan;
  /** Place of the block that is on. */
  readonly at: number;
  readonly nameOf: (personId: string) => string;
  /** The clock. */
  readonly children: ReactNode;
}

/** The part that is on, in large type: what, the cue, how it goes; beside it who works with whom and whom to watch. */
export function MatBlock({ plan, at, nameOf, children }: MatBlockProps) {
  const house = useHouse();
  const wordOf = useWordOf();
  const block = plan.blocks[at];
  if (!block) return null;
  const drill = block.drillId ? drillOf(house, block.drillId) : undefined;
  const pairing =
    plan.pairings.find((one) => one.drillId !== undefined && one.drillId === block.drillId) ??
    plan.pairings.find((one) => one.phase === block.kind);
  const watch = watchedIn(block);
  const [first = '', ...rest] = drill ? partWords(drill, block.kind) : [];
  return (
    <Body>
      <section aria-label="Now">
        <div className="kind">{drill ? drill.name : ''}</div>
        <h2>{plainTitle(block)}</h2>
        {children}
        {first ? <p className="cue">{first}</p> : null}
        {rest.map((words) => (
          <p key={words} className="more">
            {words}
          </p>
        ))}
        {block.kind === 'shown'
          ? (drill?.hazardIds ?? []).map((id) => (
              <p key={id} className="more caution">
                {findHazard(id)?.caution}
              </p>
            ))
          : null}
        {!drill && plainWords[block.kind] ? <p className="cue">{plainWords[block.kind]}</p> : null}
      </section>
      <aside>
        {watch.length > 0 ? (
          <>
            <h3>Watch</h3>
            <ul>
              {watch.map((id) => (
                <li key={id}>
                  {nameOf(id)}:{' '}
                  {block.reasons
                    .filter((one) => !one.asPartner && one.people.some((other) => other.personId === id))
                    .map((one) => wordOf(one.errorId))
                    .slice(0, 2)
                    .join(', ')}
                </li>
              ))}
            </ul>
          </>
        ) : null}
        {pairing ? (
          <>
            <h3>Pairs</h3>
            <ul>
              {pairing.groups.map((group) => (
                <li key={group.join(' ')}>{group.map(nameOf).join(' and ')}</li>
              ))}
              {besideWords(pairing, nameOf).map((words) => (
                <li key={words} className="out">
                  {words}
                </li>
              ))}
            </ul>
          </>
        ) : null}
      </aside>
    </Body>
  );
}
