'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useReducer, useState } from 'react';
import { styled } from 'styled-components';
import type { WeightUnit } from '@/core/kernel';
import { DayField } from '@/forms/DayField';
import { FormMessages } from '@/forms/FormMessage';
import { LengthField, occasionOptions, RulesField, ThemeField, WornField } from '@/forms/RoundFields';
import { useNewId } from '@/forms/useNewId';
import { useSending } from '@/forms/useSending';
import { removeRound, saveRound } from '@/server/rounds/roundActions';
import { BalanceBeam } from '@/ui/charts/BalanceBeam';
import { Fields, Notice, Page, Row, Section, Stack } from '@/ui/layout/Page';
import { Button, Choice, ConfirmDialog, TextField } from '@/ui/primitives';
import { color, space } from '@/ui/tokens/tokens';
import { AthleteFieldset } from './AthleteFieldset';
import { CircumstancesFields } from './CircumstancesFields';
import { CutPreview } from './CutPreview';
import { gapView } from './gapView';
import { RoundFiles } from './RoundFiles';
import { type CardFields, createCardReducer, type PersonFacts, toRoundInput } from './roundCardReducer';
import { WholeDay } from './WholeDay';

const Pair = styled.div`
  display: grid; grid-template-columns: 1fr 1fr; gap: ${space(8)};
  @media (max-width: 860px) { grid-template-columns: 1fr; }
`;
const Gap = styled.div`
  display: flex; gap: ${space(5)}; align-items: center; border-top: 1px solid ${color.rule}; border-bottom: 1px solid ${color.rule}; padding: ${space(3)} 0; margin-top: ${space(5)};
`;

export interface RoundCardProps {
  readonly initial: CardFields;
  readonly existing?: {
    readonly id: string;
    readonly version: number;
    readonly markCount: number;
    /** Why nothing of it leaves the house, with what to do. */
    readonly notShown?: string;
  };
  readonly footage?: { readonly id: string; readonly name: string; readonly durationSeconds: number };
  readonly people: readonly PersonFacts[];
  readonly ruleSets: readonly { readonly id: string; readonly name: string }[];
  readonly unit: WeightUnit;
}

export function RoundCard({ initial, existing, footage, people, ruleSets, unit }: RoundCardProps) {
  const router = useRouter();
  const fresh = useNewId();
  const reduce = useMemo(() => createCardReducer(people, unit), [people, unit]);
  const [fields, dispatch] = useReducer(reduce, initial);
  const { messages, isSending, send } = useSending();
  const [deleting, setDeleting] = useState(false);
  const set = (patch: Partial<Omit<CardFields, 'a' | 'b'>>) => dispatch({ kind: 'set', patch });
  const gap = gapView(fields.a, fields.b, fields.uniform, unit);

  const save = () =>
    send(
      () =>
        saveRound(
          toRoundInput(fields, footage?.id, unit),
          existing ? { id: existing.id, version: existing.version } : { id: fresh.id(), version: 0 },
        ),
      ({ roundId }) => router.push(`/rounds/${roundId}`),
    );

  return (
    <Page
      title={existing ? 'The round’s card' : 'A new round'}
      aside={footage ? `Cut out of ${footage.name}` : 'Marked without footage'}
      actions={existing ? <Link href={`/rounds/${existing.id}/agreement`}>A second pair of eyes</Link> : undefined}
    >
      <FormMessages messages={messages} lead="Not saved yet" />
      {footage ? (
        <Section>
          <h2>From when to when</h2>
          <div className="note">Play to the bell and press Begin here; play to the end and press End here.</div>
          <div className="matter">
            <CutPreview
              footageId={footage.id}
              durationSeconds={footage.durationSeconds}
              start={fields.start}
              end={fields.end}
              problem={messages.endSeconds ?? messages.startSeconds}
              onChange={set}
            />
          </div>
        </Section>
      ) : null}
      <Section>
        <h2>Who</h2>
        <div className="note">
          Belt and weight as they were on that day. They stay with this round when the athlete moves on.
        </div>
        <div className="matter">
          <Pair>
            {(['a', 'b'] as const).map((slot) => (
              <AthleteFieldset
                key={slot}
                slot={slot}
                fields={fields[slot]}
                people={people}
                heldOn={fields.lastDay}
                unit={unit}
                messages={messages}
                onChange={(patch) => dispatch({ kind: 'athlete', slot, patch })}
                onPerson={(person) => dispatch({ kind: 'choose-person', slot, person })}
              />
            ))}
          </Pair>
          <Gap>
            <BalanceBeam lean={gap.lean} label={gap.weightWords} />
            <Stack $gap={1}>
              <span>
                {gap.weightWords} {gap.beltWords}
              </span>
              <span>
                {fields.a.name || 'In focus'}: {gap.classWords[0]} · {fields.b.name || 'Partner'}: {gap.classWords[1]}
              </span>
              {gap.cautious ? (
                <Notice data-tone="caution">
                  Smaller partner decides the pace; the heavier does not fall, drop or lean from above.
                </Notice>
              ) : null}
            </Stack>
            <Button onPress={() => dispatch({ kind: 'swap' })}>Exchange the two</Button>
          </Gap>
        </div>
      </Section>
      <Section>
        <h2>What kind of round</h2>
        <div className="matter">
          <Stack>
            <Fields>
              <DayField
                label="Day"
                value={fields.heldOn}
                onChange={(heldOn) => set({ heldOn })}
                problem={messages.heldOn}
              />
              <TextField
                label="Round of the session"
                inputMode="numeric"
                value={fields.numberInSession}
                onChange={(numberInSession) => set({ numberInSession })}
                problem={messages.numberInSession}
              />
              <LengthField
                value={fields.plannedMinutes}
                onChange={(plannedMinutes) => set({ plannedMinutes })}
                problem={messages.plannedSeconds}
              />
              <RulesField ruleSets={ruleSets} value={fields.ruleSet} onChange={(ruleSet) => set({ ruleSet })} />
            </Fields>
            <Row>
              <WornField value={fields.uniform} onChange={(uniform) => set({ uniform })} />
              <Choice
                label="Occasion"
                value={fields.occasion}
                onChange={(occasion) => set({ occasion })}
                options={occasionOptions}
              />
            </Row>
            <ThemeField
              value={fields.theme}
              onChange={(theme) => set({ theme })}
              problem={messages.theme}
              hint="“bottom only today”, “no submissions”; leave empty for an ordinary round"
            />
          </Stack>
        </div>
      </Section>
      <Section>
        <h2>What it was like</h2>
        <div className="note">
          All of it may stay open. What was agreed shields what was done on purpose; a round played for the camera, or
          agreed to flow, enters no rate.
        </div>
        <div className="matter">
          <CircumstancesFields
            circumstances={fields.circumstances}
            a={fields.a}
            b={fields.b}
            messages={messages}
            onChange={(patch) => set({ circumstances: { ...fields.circumstances, ...patch } })}
            onAthlete={(slot, patch) => dispatch({ kind: 'athlete', slot, patch })}
          />
          {existing ? <WholeDay roundId={existing.id} circumstances={fields.circumstances} /> : null}
        </div>
      </Section>
      {existing ? <RoundFiles roundId={existing.id} notShown={existing.notShown} /> : null}
      <Row>
        <Button look="lead" onPress={save} isPending={isSending}>
          {isSending ? 'Saving …' : existing ? 'Save the card' : 'Save and review'}
        </Button>
        {existing ? (
          <Button look="harm" onPress={() => setDeleting(true)}>
            Delete this round
          </Button>
        ) : null}
      </Row>
      <ConfirmDialog
        title="Delete this round?"
        text={`The card and its ${existing?.markCount ?? 0} marks are deleted. The footage stays.`}
        confirm="Delete the round"
        isOpen={deleting}
        onClose={() => setDeleting(false)}
        onConfirm={() =>
          existing &&
          send(
            () => removeRound(existing.id),
            () => router.push('/footage'),
          )
        }
      />
    </Page>
  );
}
