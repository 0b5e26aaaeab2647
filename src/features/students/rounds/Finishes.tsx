'use client';

import { Fragment, useState } from 'react';
import { styled } from 'styled-components';
import type { Funnel } from '@/core/patterns';
import { Quiet, Table } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';
import { color, space } from '@/ui/tokens/tokens';
import { Moments, type RoundLabels } from '../errors/Moments';
import { percent } from '../studentView';

const Block = styled.div`
  margin-bottom: ${space(5)};
  table { table-layout: fixed; }
  th.figure { width: 80px; }
  .took { width: 208px; padding-left: ${space(5)}; }
  th:last-child:not(:first-child) { width: 260px; }
  th:last-child, td:last-child:not(:first-child) { padding-left: ${space(6)}; }
`;
const Share = styled.span`
  display: inline-flex; align-items: center; gap: ${space(3)}; font-variant-numeric: tabular-nums;
  svg { width: 160px; height: 16px; flex: none; }
`;
const Name = styled.button`
  background: none; border: 0; padding: 0; cursor: pointer; font: inherit; text-align: left; color: ${color.ink}; text-decoration: underline; text-decoration-color: ${color.strongRule}; text-underline-offset: 3px;
`;
const SHOWN = 6;
/** A share is not worth a figure before so many tries. @source own decision, as for answers */
const FEWEST = 4;

/** A figure and its unit stay on one line. */
const seconds = (value: number): string => `${Math.round(value)}\u00a0s`;

/** "4 s", "held after 3 s, locked 5 s later, 12 s in all"; nothing where no end is marked. */
function secondsWords({
  medianSeconds,
  medianToControl,
  medianToLocked,
}: Pick<Funnel, 'medianSeconds' | 'medianToControl' | 'medianToLocked'>): string {
  const words = [
    medianToControl === undefined ? '' : `held after ${seconds(medianToControl)}`,
    medianToLocked === undefined
      ? ''
      : `locked ${seconds(medianToLocked)} ${medianToControl === undefined ? 'in' : 'later'}`,
  ].filter(Boolean);
  if (medianSeconds === undefined) return words.join(', ') || '–';
  return [...words, `${seconds(medianSeconds)}${words.length > 0 ? ' in all' : ''}`].join(', ');
}

export interface FinishesProps {
  readonly funnels: readonly Funnel[];
  /** What the technique or family of a funnel is called. */
  readonly nameOf: (of: string) => string;
  readonly label: string;
  readonly rounds: RoundLabels;
}

/** How far attempts come, by technique or family: chances, tries, held, finished, and between which shares the truth lies; a name opens its moments. */
export function Finishes({ funnels, nameOf, label, rounds }: FinishesProps) {
  const [openId, setOpenId] = useState<string>();
  const { shown, toggle } = useShowAll(funnels, SHOWN);
  const isTimed = funnels.some((one) => secondsWords(one) !== '–');
  const letPass = funnels.some((one) => one.openings > one.reached.entry);
  if (funnels.length === 0) return <p>No attempts are marked in these rounds.</p>;
  return (
    <Block>
      <Table aria-label={label}>
        <thead>
          <tr>
            <th>{label}</th>
            {letPass ? <th className="figure">Chances</th> : null}
            <th className="figure">Tried</th>
            <th className="figure">Held</th>
            <th className="figure">Finished</th>
            {isTimed ? <th className="took">Took</th> : null}
            <th>Finished of all tries</th>
          </tr>
        </thead>
        <tbody>
          {shown.map(({ of, openings, reached, finished, moments, ...took }) => (
            <Fragment key={of}>
              <tr>
                <td>
                  <Name
                    type="button"
                    aria-expanded={openId === of}
                    onClick={() => setOpenId(openId === of ? undefined : of)}
                  >
                    {nameOf(of)}
                  </Name>
                </td>
                {letPass ? <td className="figure">{openings}</td> : null}
                <td className="figure">{reached.entry}</td>
                <td className="figure">{reached.control}</td>
                <td className="figure">{reached.finished}</td>
                {isTimed ? <td className="took">{secondsWords(took)}</td> : null}
                <td>
                  {reached.entry < FEWEST || !finished ? (
                    <Quiet>too few to say</Quiet>
                  ) : (
                    <Share>
                      <svg
                        viewBox="0 0 180 16"
                        role="img"
                        aria-label={`${percent(finished.share)}, between ${percent(finished.interval.low)} and ${percent(finished.interval.high)}`}
                      >
                        <rect x="0" y="7" width="180" height="2" fill={color.sunken} />
                        <rect
                          x={finished.interval.low * 180}
                          y="5"
                          width={(finished.interval.high - finished.interval.low) * 180}
                          height="6"
                          fill={color.rule}
                        />
                        <circle cx={finished.share * 180} cy="8" r="4" fill={color.focus} />
                      </svg>
                      {percent(finished.share)}
                    </Share>
                  )}
                </td>
              </tr>
              {openId === of ? (
                <tr>
                  <td colSpan={7}>
                    <Moments moments={moments} rounds={rounds} shown={10} title={`${label}: ${nameOf(of)}`} />
                  </td>
                </tr>
              ) : null}
            </Fragment>
          ))}
        </tbody>
      </Table>
      {toggle}
    </Block>
  );
}
