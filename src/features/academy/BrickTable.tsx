'use client';

import Link from 'next/link';
import { styled } from 'styled-components';
import type { AcademyCell, AcademyTable } from '@/core/patterns';
import { beltCloth, beltWords, type CatalogueFamily } from '@/core/vocabulary';
import { familyWord } from '@/terms/familyWords';
import { FoldedBelt } from '@/ui/charts/FoldedBelt';
import { color, size, space } from '@/ui/tokens/tokens';

const Wall = styled.table`
  border-collapse: separate; border-spacing: 4px; width: auto;
  th { font-weight: 400; text-align: left; padding: 0 ${space(3)} 0 0; white-space: nowrap; }
  thead th { padding: 0 0 ${space(1)}; font-size: ${size.small}; color: ${color.quiet}; text-align: center; min-width: 112px; }
  td { padding: 0; }
`;
const Brick = styled(Link)`
  display: flex; justify-content: center; gap: ${space(2)}; align-items: baseline; min-width: 112px; height: 38px; padding-top: 9px; position: relative; text-decoration: none; color: ${color.ink}; font-variant-numeric: tabular-nums; border: 1px solid transparent;
  &::before { content: ''; position: absolute; inset: 0; background: ${color.harm}; opacity: var(--heat); }
  > * { position: relative; }
  &[data-sure='no'] { border: 1px dashed ${color.strongRule}; }
  &[data-sure='more'] { border-color: ${color.harm}; font-weight: 600; }
  &[aria-current='true'] { outline: 2px solid ${color.ink}; outline-offset: 1px; }
  small { font-size: 12px; color: ${color.ink}; font-weight: 400; }
`;

/** From here on a belt surely makes more (or fewer) than the others. @source own decision, as for changes */
const SURE = 0.9;
const HOTTEST = 0.62;

const sureOf = ({ chanceMore }: AcademyCell) => (chanceMore >= SURE ? 'more' : chanceMore <= 1 - SURE ? 'fewer' : 'no');

/** Which kinds of errors which belts make: the deeper the brick, the more harm; a dashed edge where it cannot be told from the other belts. */
export function BrickTable({
  table,
  open,
}: {
  readonly table: AcademyTable;
  readonly open?: { readonly family: string; readonly belt: string };
}) {
  const most = Math.max(...table.cells.map((one) => one.harm), 1e-9);
  const cellOf = (family: CatalogueFamily, belt: string) =>
    table.cells.find((one) => one.family === family && one.belt === belt);
  return (
    <Wall aria-label="Errors in ten live minutes by kind of position and belt">
      <thead>
        <tr>
          <th aria-label="Where" />
          {table.belts.map(({ belt, people, liveMinutes }) => (
            <th key={belt} scope="col">
              <FoldedBelt {...beltCloth(belt)} stripes={0} label={beltWords(belt, 0)} />
              <div>
                {people === 1 ? 'one student' : `${people} students`}
                <br />
                {Math.round(liveMinutes)} minutes
              </div>
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {table.families.map((family) => (
          <tr key={family}>
            <th scope="row">{familyWord(family)}</th>
            {table.belts.map(({ belt }) => {
              const cell = cellOf(family, belt);
              if (!cell) return <td key={belt} />;
              const sure = sureOf(cell);
              const isOpen = open?.family === family && open.belt === belt;
              return (
                <td key={belt}>
                  <Brick
                    href={`/academy?family=${family}&belt=${belt}#cell`}
                    scroll={false}
                    data-sure={sure}
                    aria-current={isOpen || undefined}
                    style={{ '--heat': String((HOTTEST * cell.harm) / most) } as React.CSSProperties}
                  >
                    <span>{cell.perTenMinutes.toFixed(1)}</span>
                    {sure === 'no' ? null : <small>{sure === 'more' ? 'more' : 'fewer'}</small>}
                  </Brick>
                </td>
              );
            })}
          </tr>
        ))}
      </tbody>
    </Wall>
  );
}
