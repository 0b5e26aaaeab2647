'use client';

import { useState } from 'react';
import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import type { WeightUnit } from '@/core/kernel';
import { DayField } from '@/forms/DayField';
import { FormMessages } from '@/forms/FormMessage';
import { BeltField, WeightField } from '@/forms/PersonFields';
import { LengthField, occasionOptions, RulesField, ThemeField, WornField } from '@/forms/RoundFields';
import { useDraft, useSending } from '@/forms/useSending';
import { saveRounds } from '@/server/rounds/roundActions';
import { Fields, Row } from '@/ui/layout/Page';
import { Button, Select, TextField } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { Filmframe } from '../Filmframe';
import type { Filmstrip } from '../footageView';
import {
  type Corner,
  emptyCorner,
  eveningOf,
  type KnownPerson,
  knownWeight,
  rotate,
  type Stayed,
  sayOnce,
  toRounds,
  type WhoFacts,
  type WhoRow,
} from './whoView';

const Sheet = styled.div`
  background: ${color.ground}; color: ${color.ink}; overflow: auto; padding: ${space(6)} ${space(8)}; display: flex; flex-direction: column; gap: ${space(5)};
  h2 { font-family: ${font.serif}; }
  .rounds { display: flex; flex-direction: column; }
  .round { border: 0; border-top: 1px solid ${color.rule}; margin: 0; min-width: 0; display: grid; grid-template-columns: 120px 1fr 1fr; gap: ${space(2)} ${space(6)}; padding: ${space(4)} 0; }
  .round > .when { font-family: ${font.serif}; font-size: ${size.large}; }
  .round > .when small { display: block; font-family: ${font.sans}; font-size: ${size.small}; color: ${color.quiet}; }
  .round > .stayed { grid-column: 2 / -1; }
  .corner { border: 0; margin: 0; padding: 0; min-width: 0; display: grid; grid-template-columns: 1fr 1fr; gap: ${space(2)} ${space(4)}; border-left: 4px solid ${color.other}; padding-left: ${space(3)}; align-items: start; }
  .corner[data-focus] { border-color: ${color.focus}; }
`;

const NEW = 'somebody-new';
/** The picture that shows who is in a round is taken this long after its start. */
const LOOK_SECONDS = 4;

export interface WhoSheetProps {
  readonly footageId: string;
  readonly filmstrip?: Filmstrip;
  readonly initial: readonly WhoRow[];
  readonly facts: WhoFacts;
  readonly people: readonly KnownPerson[];
  readonly ruleSets: readonly { readonly id: string; readonly name: string }[];
  readonly unit: WeightUnit;
  readonly onLeave: () => void;
  readonly onSaved: (keys: readonly string[], roundIds: readonly string[]) => void;
}

/** The cards of several rounds at once: what they share above, who is in each below; those who stayed are carried on. */
export function WhoSheet({
  footageId,
  filmstrip,
  initial,
  facts: firstFacts,
  people,
  ruleSets,
  unit,
  onLeave,
  onSaved,
}: WhoSheetProps) {
  const [rows, setRows] = useState(initial);
  const { fields: facts, set } = useDraft(() => firstFacts);
  const { messages, isSending, send } = useSending();
  const change = (key: string, edit: (row: WhoRow) => WhoRow) =>
    setRows((all) => all.map((row) => (row.key === key ? edit(row) : row)));
  const changeCorner = (key: string, slot: 'a' | 'b', patch: Partial<Corner>) =>
    setRows((all) => {
      const before = all.find((row) => row.key === key)?.[slot];
      if (!before) return all;
      const known = patch.personId ? eveningOf(all, patch.personId) : undefined;
      // Kit that was written down before the name stays.
      const kit = known && { ...known, toldApartBy: before.toldApartBy || known.toldApartBy };
      const now = { ...before, ...kit, ...patch };
      return sayOnce(
        all.map((row) => (row.key === key ? { ...row, [slot]: now } : row)),
        before,
        now,
      );
    });
  const save = () =>
    send(
      () => saveRounds(toRounds(rows, facts, people, footageId, unit)),
      ({ roundIds }) =>
        onSaved(
          rows.map((row) => row.key),
          roundIds,
        ),
    );
  // What the rounds share is refused once for each of them; it is shown once.
  const shared = (field: string): string | undefined => messages[`0.${field}`];
  return (
    <Sheet data-light="daybook">
      <Row style={{ justifyContent: 'space-between' }}>
        <h2>Who is in them</h2>
        <Row>
          <Button onPress={onLeave}>Back to the cuts</Button>
          <Button look="lead" onPress={save} isDisabled={isSending}>
            {isSending ? 'Saving …' : rows.length === 1 ? 'Save the round' : `Save the ${rows.length} rounds`}
          </Button>
        </Row>
      </Row>
      <FormMessages messages={messages} lead="Nothing is saved yet" />
      <Fields>
        <DayField label="Day" value={facts.heldOn} onChange={(heldOn) => set({ heldOn })} problem={shared('heldOn')} />
        <WornField value={facts.uniform} onChange={(uniform) => set({ uniform })} />
        <Select
          label="Occasion"
          value={facts.occasion}
          onChange={(occasion) => set({ occasion })}
          options={occasionOptions}
        />
        <RulesField ruleSets={ruleSets} value={facts.ruleSet} onChange={(ruleSet) => set({ ruleSet })} />
        <LengthField
          value={facts.plannedMinutes}
          onChange={(plannedMinutes) => set({ plannedMinutes })}
          problem={shared('plannedSeconds')}
        />
        <ThemeField
          value={facts.theme}
          onChange={(theme) => set({ theme })}
          hint="bottom only today"
          problem={shared('theme')}
        />
      </Fields>
      <div className="rounds">
        {rows.map((row, index) => (
          <fieldset className="round" key={row.key} aria-label={`Round ${index + 1}`}>
            <div className="when">
              {index + 1}
              <small>
                {formatClock(row.startSeconds)} to {formatClock(row.endSeconds)}
              </small>
              {filmstrip ? (
                <Filmframe
                  footageId={footageId}
                  strip={filmstrip}
                  atSeconds={Math.min(row.startSeconds + LOOK_SECONDS, row.endSeconds)}
                  width={112}
                />
              ) : null}
            </div>
            {(['a', 'b'] as const).map((slot) => (
              <CornerFields
                key={slot}
                slot={slot}
                corner={row[slot]}
                people={people}
                message={(field) => messages[`${index}.${slot}.${field}`]}
                unit={unit}
                known={knownWeight(people, row[slot].personId, facts.heldOn, unit)}
                onChange={(patch) => changeCorner(row.key, slot, patch)}
              />
            ))}
            {index > 0 ? (
              <div className="stayed">
                <Row>
                  {(
                    [
                      ['first', 'The first stayed'],
                      ['second', 'The second stayed'],
                      ['both', 'Both stayed'],
                    ] as const
                  ).map(([stayed, words]) => (
                    <Button
                      key={stayed}
                      look="plain"
                      onPress={() => change(row.key, (now) => rotate(rows[index - 1]!, now, stayed as Stayed))}
                    >
                      {words}
                    </Button>
                  ))}
                </Row>
              </div>
            ) : null}
          </fieldset>
        ))}
      </div>
    </Sheet>
  );
}

interface CornerFieldsProps {
  readonly slot: 'a' | 'b';
  readonly corner: Corner;
  readonly people: readonly KnownPerson[];
  readonly unit: WeightUnit;
  /** What they weigh as far as is known of that day. */
  readonly known: string;
  readonly message: (field: string) => string | undefined;
  readonly onChange: (patch: Partial<Corner>) => void;
}

function CornerFields({ slot, corner, people, unit, known, message, onChange }: CornerFieldsProps) {
  return (
    <fieldset
      className="corner"
      data-focus={slot === 'a' || undefined}
      aria-label={slot === 'a' ? 'Athlete in focus' : 'Partner'}
    >
      <Select
        label={slot === 'a' ? 'In focus' : 'Partner'}
        options={[
          { value: NEW, label: 'Somebody new …' },
          ...people.map((one) => ({ value: one.id, label: one.name })),
        ]}
        value={corner.personId ?? NEW}
        onChange={(id) => onChange(id === NEW ? emptyCorner : { personId: id })}
        problem={message('personId')}
      />
      <TextField
        label="Told apart by"
        value={corner.toldApartBy}
        onChange={(toldApartBy) => onChange({ toldApartBy })}
        hint={corner.toldApartBy ? undefined : 'white gi, starts left'}
        problem={message('toldApartBy')}
      />
      {corner.personId ? null : (
        <>
          <TextField
            label="Name"
            value={corner.newName}
            onChange={(newName) => onChange({ newName })}
            problem={message('newName')}
          />
          <BeltField label="Belt that day" value={corner.newBelt} onChange={(newBelt) => onChange({ newBelt })} />
        </>
      )}
      <WeightField
        label="Weight that day"
        unit={unit}
        value={corner.weight}
        onChange={(weight) => onChange({ weight })}
        hint={corner.weight === '' && known ? `as known: ${known}` : undefined}
        problem={message('weight')}
      />
      <TextField
        label="Spares"
        value={corner.hurt}
        onChange={(hurt) => onChange({ hurt })}
        hint={corner.hurt ? undefined : 'sore knee; said once for the evening'}
        problem={message('condition.hurt')}
      />
    </fieldset>
  );
}
