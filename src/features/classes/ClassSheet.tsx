import { type ClassPlan, type PlanBlock, partsOf } from '@/core/planning';
import { drillOf, GENERAL_CAUTION, type HouseWords, houseNameOf } from '@/core/vocabulary';
import { branchWords, gameWords } from '@/terms/drillWords';
import { themeWords } from '@/terms/themeWords';
import { Owl } from '@/ui/layout/Owl';
import { PrintButton } from '@/ui/layout/PrintButton';
import { ClassPaper } from './ClassPaper';
import {
  beforeLiveWords,
  besideWords,
  blockTitle,
  cautionsOf,
  clockTime,
  longDayWords,
  pairingTitle,
  plainTitle,
  watchedIn,
  workWords,
} from './classView';

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
  readonly house: HouseWords;
  readonly zone: string;
}

/** The class on one printed page, a page for each of two groups: an assistant can run it without having seen the screen. */
export function ClassSheet({ plan, ...sheet }: ClassSheetProps) {
  return (
    <main>
      {partsOf(plan).map((part, at) => (
        <Paper key={`${at + 1}`} plan={part} group={plan.groups ? at + 1 : 0} {...sheet} />
      ))}
    </main>
  );
}

function Paper({
  title,
  startsAt,
  minutes,
  uniform,
  level,
  academy,
  plan,
  group,
  names,
  backHref,
  house,
  zone,
}: ClassSheetProps & { readonly group: number }) {
  const nameOf = (id: string) => names[id] ?? 'somebody';
  const themes = (plan.themes ?? []).map((theme) => themeWords(theme)).join(' and ');
  const seen = new Set<string>();
  return (
    <ClassPaper data-dense={plan.blocks.length > 14 || undefined}>
      {group < 2 ? (
        <div className="actions">
          <PrintButton />
          <a href={backHref}>Back to the class</a>
        </div>
      ) : null}
      <header>
        <Owl size={34} />
        <div>
          <h1>
            {title}
            {group > 0 ? `, group ${group}` : ''}
          </h1>
          <div className="when">
            {longDayWords(startsAt, zone)}, {clockTime(startsAt, 0, zone)} to {clockTime(startsAt, minutes, zone)}
            {themes ? <strong> · {themes}</strong> : null}
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
                house={house}
                zone={zone}
              />
            );
          })}
        </tbody>
      </table>
      <div className="pairs">
        {plan.pairings.map((pairing) => (
          <div key={pairing.drillId ?? pairing.phase}>
            <h2>{pairingTitle(pairing, (id) => houseNameOf(house, id))}</h2>
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
            {besideWords(pairing, nameOf).map((words) => (
              <div key={words} className="small">
                {words}
              </div>
            ))}
          </div>
        ))}
      </div>
      <div className="cautions">
        {cautionsOf(plan).slice(0, 5).join(' ')} {GENERAL_CAUTION}
      </div>
    </ClassPaper>
  );
}

function SheetRow({
  block,
  startsAt,
  first,
  nameOf,
  house,
  zone,
}: {
  readonly block: PlanBlock;
  readonly startsAt: string;
  readonly first: boolean;
  readonly nameOf: (id: string) => string;
  readonly house: HouseWords;
  readonly zone: string;
}) {
  const drill = block.drillId ? drillOf(house, block.drillId) : undefined;
  const from = block.fromDrillId ? drillOf(house, block.fromDrillId)?.game : undefined;
  const who = watchedIn(block).map(nameOf);
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
            {block.kind === 'positional' && drill.game ? (
              <div className="small">{gameWords(drill.game).join(' ')}</div>
            ) : null}
          </>
        ) : (
          <>
            <strong>{plainTitle(block)}</strong>
            {from ? <span className="small"> the first third from: {from.start}</span> : null}
          </>
        )}
      </td>
      <td className="min">{workWords(block)}</td>
    </tr>
  );
}
