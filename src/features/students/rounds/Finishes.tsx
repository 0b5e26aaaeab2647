'use client';

import { styled } from 'styled-components';
import type { Funnel } from '@/core/patterns';
import { useWordOf } from '@/terms/HouseContext';
import { Quiet, Table } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';
import { color, space } from '@/ui/tokens/tokens';
import { percent } from '../studentView';

const Block = styled.div`
  margin-bottom: ${space(5)};
  table { table-layout: fixed; }
  th:nth-child(2), th:nth-child(3), th:nth-child(4) { width: 104px; }
  th:nth-child(5) { width: 260px; padding-left: ${space(6)}; }
  td:nth-child(5) { padding-left: ${space(6)}; }
`;
const Share = styled.span`
  display: flex; align-items: center; gap: ${space(3)}; font-variant-numeric: tabular-nums;
  svg { width: 160px; height: 16px; flex: none; }
`;
const SHOWN = 6;
/** A share is not worth a figure before so many tries. @source own decision, as for answers */
const FEWEST = 4;

/** How far attempts come, by technique: tries, held, locked, finished, and between which shares the truth lies. */
export function Finishes({ funnels, label }: { readonly funnels: readonly Funnel[]; readonly label: string }) {
  const wordOf = useWordOf();
  const { shown, toggle } = useShowAll(funnels, SHOWN);
  if (funnels.length === 0) return <p>No attempts are marked in these rounds.</p>;
  return (
    <Block>
      <Table aria-label={label}>
        <thead>
          <tr>
            <th>{label}</th>
            <th className="figure">Tried</th>
            <th className="figure">Under control</th>
            <th className="figure">Finished</th>
            <th>Finished of all tries</th>
          </tr>
        </thead>
        <tbody>
          {shown.map(({ techniqueId, reached, finished }) => (
            <tr key={techniqueId}>
              <td>{wordOf(techniqueId)}</td>
              <td className="figure">{reached.entry}</td>
              <td className="figure">{reached.control}</td>
              <td className="figure">{reached.finished}</td>
              <td>
                {reached.entry < FEWEST ? (
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
          ))}
        </tbody>
      </Table>
      {toggle}
    </Block>
  );
}
