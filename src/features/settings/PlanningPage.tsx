'use client';

import Link from 'next/link';
import { useState } from 'react';
import {
  type PlanNumberGroup,
  type PlanNumberName,
  type PlanNumbers,
  planNumberGroups,
  planNumberNames,
  planNumbers,
} from '@/core/planning';
import { FormMessages } from '@/forms/FormMessage';
import { useDraft, useSending } from '@/forms/useSending';
import { savePlanNumbers } from '@/server/settings/settingsActions';
import { Fields, Page, Quiet, Row, Section } from '@/ui/layout/Page';
import { Button, TextField } from '@/ui/primitives';
import { groupWords, numberWords } from './planNumberWords';

/** The numbers as they are typed. */
type Typed = Readonly<Record<PlanNumberName, string>>;

const typed = (numberOf: (name: PlanNumberName) => number, names: readonly PlanNumberName[] = planNumberNames) =>
  Object.fromEntries(names.map((name) => [name, String(numberOf(name))])) as Typed;
const read = (fields: Typed): PlanNumbers =>
  Object.fromEntries(
    planNumberNames.map((name) => [name, fields[name].trim() === '' ? Number.NaN : Number(fields[name])]),
  ) as PlanNumbers;

export interface PlanningPageProps {
  readonly numbers: PlanNumbers;
  readonly isHead: boolean;
}

/** Every number of the planner, with what is usual and why. */
export function PlanningPage({ numbers, isHead }: PlanningPageProps) {
  const { fields, set } = useDraft(() => typed((name) => numbers[name]));
  const { messages, isSending, send } = useSending();
  const [isSaved, setSaved] = useState(false);
  const change = (patch: Partial<Typed>) => {
    setSaved(false);
    set(patch);
  };
  const save = () =>
    send(
      () => savePlanNumbers(read(fields)),
      () => setSaved(true),
    );
  const saving = isHead ? (
    <Row>
      <Button look="lead" onPress={save} isPending={isSending}>
        {isSending ? 'Saving …' : 'Save these numbers'}
      </Button>
      {isSaved ? (
        <Quiet role="status">Saved: plans made from now on keep to them; those that are there stay.</Quiet>
      ) : null}
    </Row>
  ) : null;
  return (
    <Page
      title="How classes are planned"
      aside={
        isHead
          ? 'Every number that a plan is made with, what it usually is, and why.'
          : 'Every number that a plan is made with. Only the head coach can change them.'
      }
      actions={<Link href="/settings">Back to the settings</Link>}
    >
      {(Object.keys(planNumberGroups) as PlanNumberGroup[]).map((group) => (
        <NumberGroup key={group} group={group} fields={fields} onChange={change} isHead={isHead} messages={messages} />
      ))}
      <FormMessages messages={labelled(messages)} lead="Not kept yet" />
      {saving}
    </Page>
  );
}

/** Messages that say of which field they are: with fifty of them the field may be far away. */
const labelled = (messages: Readonly<Record<string, string>>): Record<string, string> =>
  Object.fromEntries(
    Object.entries(messages).map(([field, message]) => [
      field,
      field in numberWords ? `${numberWords[field as PlanNumberName].label}: ${message}` : message,
    ]),
  );

interface NumberGroupProps {
  readonly group: PlanNumberGroup;
  readonly fields: Typed;
  readonly onChange: (patch: Partial<Typed>) => void;
  readonly isHead: boolean;
  readonly messages: Readonly<Record<string, string>>;
}

function NumberGroup({ group, fields, onChange, isHead, messages }: NumberGroupProps) {
  const names = Object.keys(planNumberGroups[group]) as PlanNumberName[];
  const { title, note } = groupWords[group];
  const usual = typed((name) => planNumbers[name].usual, names);
  const isUsual = names.every((name) => fields[name].trim() === usual[name]);
  return (
    <Section aria-label={title}>
      <h2>{title}</h2>
      <div className="note">{note}</div>
      <div className="matter">
        <Fields>
          {names.map((name) => (
            <TextField
              key={name}
              {...numberWords[name]}
              hint={`${planNumbers[name].usual} usually: ${planNumbers[name].reason}`}
              inputMode="numeric"
              value={fields[name]}
              onChange={(text) => onChange({ [name]: text })}
              isDisabled={!isHead}
              problem={messages[name]}
            />
          ))}
        </Fields>
        {isHead && !isUsual ? (
          <Row style={{ marginTop: 12 }}>
            <Button look="plain" onPress={() => onChange(usual)}>
              As usual again
            </Button>
          </Row>
        ) : null}
      </div>
    </Section>
  );
}
