'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useMemo, useReducer, useState, useTransition } from 'react';
import { styled } from 'styled-components';
import type { WeightUnit } from '@/core/kernel';
import { DayField } from '@/forms/DayField';
import { removeRound, saveRound } from '@/server/rounds/roundActions';
import { BalanceBeam } from '@/ui/charts/BalanceBeam';
import { useNewId } from '@/ui/forms/useNewId';
import { Fields, Notice, Page, Row, Section, Stack } from '@/ui/layout/Page';
import { Button, Choice, ConfirmDialog, Select, TextField } from '@/ui/primitives';
import { color, space } from '@/ui/tokens/tokens';
import { AthleteFieldset } from './AthleteFieldset';
import { CircumstancesFields } from './CircumstancesFields';
import { CutPreview } from './CutPreview';
import { gapView } from './gapView';
import { type CardFields, createCardReducer, type PersonFacts, toRoundInput } from './roundCardReducer';

const Pair = styled.div`
  display: grid; grid-template-columns: 1fr 1fr; gap: ${space(8)};
  @media (max-width: 860px) { grid-template-columns: 1fr; }
`;
const Gap = styled.div`
  display: flex; gap: ${space(5)}; align-items: center; border-top: 1px solid ${color.rule}; border-bottom: 1px solid ${color.rule}; padding: ${space(3)} 0; margin-top: ${space(5)};
`;

export interface RoundCardProps {
  readonly initial: CardFields;
  readonly existing?: { readonly id: string; readonly version: number; readonly markCount: number };
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
  const [messages, setMessages] = useState<Readonly<Record<string, string>>>({});
  const [saving, startSaving] = useTransition();
  const [deleting, setDeleting] = useState(false);
  const set = (patch: Partial<Omit<CardFields, 'a' | 'b'>>) => dispatch({ kind: 'set', patch });
  const gap = gapView(fields.a, fields.b, fields.uniform, unit);

  const save = () =>
    startSaving(async () => {
      const outcome = await saveRound(
        toRoundInput(fields, footage?.id, unit),
        existing ? { id: existing.id, version: existing.version } : { id: fresh.id(), version: 0 },
      ).catch(() => undefined);
      if (!outcome)
        setMessages({ '': 'The server could not be reached. Nothing is lost: wait a moment and save again.' });
      else if (outcome.ok) router.push(`/rounds/${outcome.roundId}`);
      else setMessages(outcome.messages);
    });
  const problems = Object.values(messages);

  return (
    <Page
      title={existing ? 'The round’s card' : 'A new round'}
      aside={footage ? `Cut out of ${footage.name}` : 'Marked without footage'}
      actions={existing ? <Link href={`/rounds/${existing.id}/agreement`}>A second pair of eyes</Link> : undefined}
    >
      {problems.length > 0 ? (
        <Notice role="alert">
          {messages[''] ??
            `Not saved yet: ${problems.length === 1 ? 'one thing needs' : `${problems.length} things need`} a correction. ${problems.join(' ')}`}
        </Notice>
      ) : null}
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
              <TextField
                label="Length asked for"
                unit="min"
                inputMode="decimal"
                value={fields.plannedMinutes}
                onChange={(plannedMinutes) => set({ plannedMinutes })}
                problem={messages.plannedSeconds}
              />
              <Select
                label="Rules"
                options={ruleSets.map((one) => ({ value: one.id, label: one.name }))}
                value={fields.ruleSet}
                onChange={(ruleSet) => set({ ruleSet })}
              />
            </Fields>
            <Row>
              <Choice
                label="Worn"
                value={fields.uniform}
                onChange={(uniform) => set({ uniform })}
                options={[
                  { value: 'gi', label: 'Gi' },
                  { value: 'no-gi', label: 'No-gi' },
                ]}
              />
              <Choice
                label="Occasion"
                value={fields.occasion}
                onChange={(occasion) => set({ occasion })}
                options={[
                  { value: 'sparring', label: 'Sparring' },
                  { value: 'positional', label: 'Positional' },
                  { value: 'competition', label: 'Competition' },
                ]}
              />
            </Row>
            <TextField
              label="Theme or intent"
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
          All of it may stay open. What was agreed shields what was done on purpose; a round played for the camera
          enters no rate.
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
        </div>
      </Section>
      <Row>
        <Button look="lead" onPress={save} isPending={saving}>
          {saving ? 'Saving …' : existing ? 'Save the card' : 'Save and review'}
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
        onConfirm={() => existing && void removeRound(existing.id).then(() => router.push('/footage'))}
      />
    </Page>
  );
}
