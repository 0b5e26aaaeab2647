'use client';

import { styled } from 'styled-components';
import type { ClassPlan, PlanBlock } from '@/core/planning';
import { drillOf, GENERAL_CAUTION, houseNameOf } from '@/core/vocabulary';
import { useHouse } from '@/terms/HouseContext';
import { useZone } from '@/terms/ZoneContext';
import { Owl } from '@/ui/layout/Owl';
import { Button } from '@/ui/primitives';
import { color, font, space } from '@/ui/tokens/tokens';
import {
  beforeLiveWords,
  blockTitle,
  branchWords,
  cautionsOf,
  clockTime,
  longDayWords,
  phaseTitle,
  workWords,
} from './classView';

const Sheet = styled.main`
  max-width: 190mm; margin: ${space(6)} auto; font-size: 12.5px; line-height: 1.35; background: #fff; color: #1d1f1a; padding: 10mm; border: 1px solid ${color.rule};
  header { display: flex; align-items: flex-end; gap: ${space(3)}; border-bottom: 3px double #555; padding-bottom: ${space(2)}; }
  h1 { font-size: 24px; } .when { font-family: ${font.serif}; font-size: 15px; } .end { margin-left: auto; text-align: right; }
  table { margin-top: ${space(2)}; } td { vertical-align: top; padding: 3px 8px 4px 0; border-bottom: 1px solid #ccc; }
  td.time { font-family: ${font.serif}; font-size: 15px; width: 44px; } td.min { width: 64px; white-space: nowrap; }
  strong { font-family: ${font.serif}; font-size: 14.5px; } .small { color: #444; }
  .pairs { display: grid; grid-template-columns: repeat(4, 1fr); gap: 10px; margin-top: ${space(3)}; } .pairs h2 { font-size: 13px; margin-bottom: 2px; } .pairs div { break-inside: avoid; }
  .cautions { margin-top: ${space(3)}; border-left: 4px solid #b26a08; padding-left: 8px; font-size: 11px; }
  .actions { display: flex; gap: ${space(3)}; margin-bottom: ${space(4)}; }
  .box { display: inline-block; width: 11px; height: 11px; border: 1px solid #333; margin-right: 5px; }
  @page { size: A4; margin: 10mm; }
  @media print {
    margin: 0; padding: 0; border: 0; max-width: none; font-size: 11px; line-height: 1.28;
    .actions { display: none; }
    td { padding-block: 2px 2px; }
    strong { font-size: 13px; }
    .cautions { font-size: 10px; }
    &[data-dense] { font-size: 10px; }
  }
`;

export interface ClassSheetProps {
  readonly title: string;
  readonly startsAt: string;
  readonly minutes: number;
  readonly uniform: string;
  readonly level: string;
  readonly academy: string;
  readonly plan: ClassPlan;
  readonly names: Readonly<Record<string, string>>;
  readonly backHref: string;
}

/** The class on one printed page: an assistant can run it without having seen the screen. */
export function ClassSheet({
  title,
  startsAt,
  minutes,
  uniform,
  level,
  academy,
  plan,
  names,
  backHref,
}: ClassSheetProps) {
  const zone = useZone();
  const nameOf = (id: string) => names[id] ?? 'somebody';
  const seen = new Set<string>();
  return (
    <Sheet data-dense={plan.blocks.length > 14 || undefined}>
      <div className="actions">
        <Button look="lead" onPress={() => window.print()}>
          Print
        </Button>
        <a href={backHref}>Back to the class</a>
      </div>
      <header>
        <Owl size={34} />
        <div>
          <h1>{title}</h1>
          <div className="when">
            {longDayWords(startsAt, zone)}, {clockTime(startsAt, 0, zone)} to {clockTime(startsAt, minutes, zone)}
          </div>
        </div>
        <div className="end">
          {academy}
          <br />
          {uniform}, {level}
        </div>
      </header>
      <table>
        <tbody>
          {plan.blocks.map((block) => {
            const first = block.drillId !== undefined && !seen.has(block.drillId);
            if (block.drillId) seen.add(block.drillId);
            return (
              <SheetRow
                key={`${block.kind}/${block.drillId ?? ''}`}
                block={block}
                startsAt={startsAt}
                first={first}
                nameOf={nameOf}
              />
            );
          })}
        </tbody>
      </table>
      <div className="pairs">
        {plan.pairings.map((pairing) => (
          <div key={pairing.phase}>
            <h2>{phaseTitle[pairing.phase]}</h2>
            {pairing.groups.map((group) => (
              <div key={group.join(' ')}>
                <span className="box" />
                {group.map(nameOf).join(', ')}
              </div>
            ))}
            {pairing.sittingOut.map((one) => (
              <div key={one.personId} className="small">
                {nameOf(one.personId)}:{' '}
                {one.rules.length === 0 ? 'joins as a third' : 'no partner within the rules; keeps the clock'}
              </div>
            ))}
            {beforeLiveWords(pairing, nameOf).map((words) => (
              <div key={words} className="small">
                {words}
              </div>
            ))}
            {pairing.injuredIds.map((id) => (
              <div key={id} className="small">
                {nameOf(id)} rests (injured)
              </div>
            ))}
          </div>
        ))}
      </div>
      <div className="cautions">
        {cautionsOf(plan).slice(0, 5).join(' ')} {GENERAL_CAUTION}
      </div>
    </Sheet>
  );
}

function SheetRow({
  block,
  startsAt,
  first,
  nameOf,
}: {
  readonly block: PlanBlock;
  readonly startsAt: string;
  readonly first: boolean;
  readonly nameOf: (id: string) => string;
}) {
  const zone = useZone();
  const house = useHouse();
  const drill = block.drillId ? drillOf(house, block.drillId) : undefined;
  const who = [...new Set(block.reasons.flatMap((reason) => reason.people.map((one) => nameOf(one.personId))))];
  return (
    <tr>
      <td className="time">{clockTime(startsAt, block.startMinute, zone)}</td>
      <td>
        {drill ? (
          <>
            <strong>{drill.name}</strong> <span className="small">{blockTitle[block.kind].toLowerCase()}</span>
            {first ? (
              <div>
                {drill.start} <em>{drill.cue}</em> {drill.constraint}
                {who.length > 0 ? <span className="small"> Look at: {who.join(', ')}.</span> : null}
                {block.alternativeId ? (
                  <span className="small">
                    {' '}
                    Meanwhile {block.excludedIds.map(nameOf).join(', ')}: {houseNameOf(house, block.alternativeId)}.
                  </span>
                ) : null}
              </div>
            ) : null}
            {block.kind === 'progressive' ? <div className="small">{branchWords(drill.branches)}</div> : null}
          </>
        ) : (
          <strong>{blockTitle[block.kind]}</strong>
        )}
      </td>
      <td className="min">{workWords(block)}</td>
    </tr>
  );
}
