import Link from 'next/link';
import type { LearnedKappa, PlanNumbers } from '@/core/planning';
import type { MarkLine } from '@/core/search';
import {
  type CatalogueKind,
  conceptName,
  cueOf,
  drillIdsFor,
  drillOf,
  findDrill,
  findError,
  findGrip,
  findHazard,
  findOwnWord,
  findPosition,
  findStrength,
  findTechnique,
  GENERAL_CAUTION,
  type HouseWords,
  houseNameOf,
  schoolsTouching,
  standardIdOf,
} from '@/core/vocabulary';
import { LessonEffects, type ShownEffect } from '@/forms/LessonEffects';
import { learnedWords } from '@/terms/effectWords';
import { kindNames } from '@/terms/kindNames';
import { Notice, Page, Quiet, Section, Stack } from '@/ui/layout/Page';
import type { PieceFootProps } from '@/ui/layout/PieceFoot';
import { Clips, type ShownClip } from './Clips';
import { EntryActions } from './EntryActions';
import { Caution, Cue, Links } from './entryParts';
import { HowItRuns } from './HowItRuns';
import { allowedWords, exposureSentence, groupOf, hazardIdsOf, roleOf, severityOf } from './libraryView';
import { Occurrences } from './Occurrences';
import { Onward } from './Onward';
import { OwnWordTools } from './OwnWordTools';
import { SchoolChoices } from './SchoolChoices';
import { WordsEditor } from './WordsEditor';

export interface ConceptPageProps {
  readonly id: string;
  readonly kind: CatalogueKind;
  readonly hidden: boolean;
  readonly uses: number;
  readonly occurrences: readonly MarkLine[];
  readonly foot: PieceFootProps;
  readonly clips: readonly ShownClip[];
  readonly next: readonly { readonly positionId: string; readonly count: number }[];
  readonly merged: readonly string[];
  readonly house: HouseWords;
  /** How the academy plans: how a drill's minutes are parted. */
  readonly numbers: PlanNumbers;
  /** Of a drill: what happened to its errors after lessons, and what that says of it. */
  readonly effects: readonly ShownEffect[];
  readonly learned?: LearnedKappa;
}

/** One word of the mat: how it is called here, what to say about it, what hangs together with it, and where it was seen. */
export function ConceptPage(props: ConceptPageProps) {
  const { id, kind, hidden, uses, occurrences, foot, clips, next, merged, house } = props;
  const wordOf = (one: string) => houseNameOf(house, one);
  const own = findOwnWord(house, id);
  const standardName = conceptName(id);
  const isRenamed = !own && wordOf(id) !== standardName;
  const schools = schoolsTouching(id);
  const hazards = hazardIdsOf(id);
  return (
    <Page
      title={capital(wordOf(id))}
      aside={
        <>
          {kindNames[kind]}, {groupOf(id)}
          {own ? (
            <>
              {' '}
              · a word of our own, a kind of{' '}
              <Link href={`/library/${standardIdOf(id)}`}>{wordOf(standardIdOf(id))}</Link>
            </>
          ) : null}
          {isRenamed ? ` · elsewhere called ${standardName}` : ''} ·{' '}
          {uses === 0 ? 'not marked yet' : uses === 1 ? 'marked once' : `marked ${uses} times`}
        </>
      }
      actions={<EntryActions key={id} id={id} hidden={hidden} isOwn={own !== undefined} />}
    >
      {hidden ? (
        <Notice data-tone="calm">
          Hidden: it is not offered in the call line, in lists or in plans. Marks that name it stay.
        </Notice>
      ) : null}
      {own?.mergedIntoId ? (
        <Notice data-tone="calm">
          Merged into <Link href={`/library/${own.mergedIntoId}`}>{wordOf(own.mergedIntoId)}</Link>: its marks count
          there.
        </Notice>
      ) : null}
      <WhatToSay id={id} house={house} numbers={props.numbers} />
      {schools.length > 0 ? (
        <Section>
          <h2>Schools</h2>
          <div className="note">Good coaches differ here. The words above follow your side.</div>
          <div className="matter">
            <SchoolChoices schools={schools} />
          </div>
        </Section>
      ) : null}
      {kind === 'position' ? <Onward id={id} seen={next} wordOf={wordOf} /> : <Related id={id} house={house} />}
      {hazards.length > 0 ? (
        <Section>
          <h2>Care</h2>
          <div className="matter">
            <Stack $gap={2}>
              {hazards.map((hazardId) => (
                <Caution key={hazardId}>{findHazard(hazardId)?.caution}</Caution>
              ))}
              <Quiet>{GENERAL_CAUTION}</Quiet>
            </Stack>
          </div>
        </Section>
      ) : null}
      {kind === 'drill' ? <DidItWork effects={props.effects} learned={props.learned} /> : null}
      {clips.length > 0 || occurrences.some((one) => one.footageId) ? <Clips conceptId={id} clips={clips} /> : null}
      <Occurrences id={id} uses={uses} occurrences={occurrences} foot={foot} />
      <Section>
        <h2>Words</h2>
        <div className="note">All of these are understood in the call line, in commentary and in search.</div>
        <div className="matter">
          <WordsEditor key={wordOf(id)} id={id} />
          {own ? <OwnWordTools own={own} kind={kind} /> : null}
          {merged.length > 0 ? (
            <p>
              Merged into this one:{' '}
              {merged.map((one) => (
                <Link key={one} href={`/library/${one}`} style={{ marginRight: 12 }}>
                  {house.own.find((word) => word.id === one)?.name}
                </Link>
              ))}
            </p>
          ) : null}
        </div>
      </Section>
    </Page>
  );
}

function DidItWork({ effects, learned }: Pick<ConceptPageProps, 'effects' | 'learned'>) {
  return (
    <Section>
      <h2>Did it work?</h2>
      <div className="note">{learned ? `In plans ${learnedWords(learned)}.` : 'Of those who did it in class.'}</div>
      <div className="matter">
        {effects.length === 0 ? (
          <p>Nobody who did it in a class that is logged was seen on film yet.</p>
        ) : (
          <LessonEffects effects={effects} ofOneDrill />
        )}
      </div>
    </Section>
  );
}

interface EntryProps {
  readonly id: string;
  readonly house: HouseWords;
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

function WhatToSay({ id, house, numbers }: EntryProps & Pick<ConceptPageProps, 'numbers'>) {
  const error = findError(id);
  const strength = findStrength(id);
  const drill = findDrill(id) ? drillOf(house, id) : undefined;
  const technique = findTechnique(id);
  const grip = findGrip(id);
  const position = findPosition(id);
  const cue = cueOf(house, id);
  if (!error && !strength && !drill && technique?.class !== 'submissions' && !grip?.target && !position) return null;
  return (
    <Section>
      <h2>{drill ? 'How it runs' : position ? 'What it is worth' : 'What to say'}</h2>
      <div className="matter">
        <Stack $gap={2}>
          {cue ? <Cue>{cue}</Cue> : null}
          {strength ? <Cue>{capital(strength.because)}.</Cue> : null}
          {error ? (
            <Quiet>
              It is about {roleOf(error.role)}. {exposureSentence(id)} When it is punished it costs{' '}
              {severityOf(error.severity)}.
            </Quiet>
          ) : null}
          {position ? (
            <p>
              {position.betterRole === 'neutral'
                ? 'Level: neither is better placed.'
                : `Better for ${roleOf(position.betterRole)}: ${position.houseValue} of 4.`}{' '}
              <Quiet>The academy’s own estimate; it moves the tide.</Quiet>
            </p>
          ) : null}
          {grip?.target ? <p>On: {grip.target}.</p> : null}
          {drill ? <HowItRuns drill={drill} house={house} numbers={numbers} /> : null}
          {technique?.class === 'submissions' ? (
            <p>
              {allowedWords(technique).join(' · ')}{' '}
              <Quiet>(main federation, from memory; danger {technique.danger})</Quiet>
            </p>
          ) : null}
        </Stack>
      </div>
    </Section>
  );
}

function EntryLinks({
  title,
  ids,
  house,
}: {
  readonly title: string;
  readonly ids: readonly string[];
  readonly house: HouseWords;
}) {
  if (ids.length === 0) return null;
  return (
    <Links>
      <Quiet>{title}: </Quiet>
      {ids.map((id, at) => (
        <span key={id}>
          {at > 0 ? ', ' : ''}
          <Link href={`/library/${id}`}>{houseNameOf(house, id)}</Link>
        </span>
      ))}
    </Links>
  );
}

function Related({ id, house }: EntryProps) {
  const error = findError(id);
  const strength = findStrength(id);
  const drill = drillOf(house, id);
  const technique = findTechnique(id);
  const result = technique && technique.class !== 'submissions' ? technique.resultPositionId : undefined;
  const drills = error ? drillIdsFor(house, error) : [];
  if (!error && !strength?.oppositeErrorId && !drill && !result) return null;
  return (
    <Section>
      <h2>Hangs together</h2>
      <div className="matter">
        <EntryLinks house={house} title="Usually leads to" ids={error?.leadsTo ?? []} />
        <EntryLinks house={house} title="Drills that answer it" ids={drills} />
        <EntryLinks house={house} title="Answers" ids={drill?.targetErrorIds ?? []} />
        <EntryLinks
          house={house}
          title="The error against it"
          ids={strength?.oppositeErrorId ? [strength.oppositeErrorId] : []}
        />
        <EntryLinks house={house} title="Ends in" ids={result ? [result] : []} />
      </div>
    </Section>
  );
}
