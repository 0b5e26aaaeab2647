'use client';

import { styled } from 'styled-components';
import { shortNamesOf } from '@/core/kernel';
import type { Circumstances, Restriction } from '@/core/round';
import { Row, Stack } from '@/ui/layout/Page';
import { Checkbox, Choice, TextField } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';
import type { AthleteFields } from './roundCardReducer';

const Agreed = styled.fieldset`
  border: 0; margin: 0; padding: 0;
  legend { padding: 0; font-size: ${size.small}; color: ${color.quiet}; margin-bottom: ${space(1)}; }
  > div { display: grid; grid-template-columns: repeat(auto-fill, minmax(190px, 1fr)); gap: ${space(1)} ${space(4)}; }
`;
const Came = styled.div`
  display: grid; grid-template-columns: 1fr 1fr; gap: ${space(8)};
  @media (max-width: 860px) { grid-template-columns: 1fr; }
  h3 { margin: 0; font-size: ${size.body}; }
`;

export interface CircumstancesFieldsProps {
  readonly circumstances: Circumstances;
  readonly a: AthleteFields;
  readonly b: AthleteFields;
  readonly messages: Readonly<Record<string, string>>;
  readonly onChange: (patch: Partial<Circumstances>) => void;
  readonly onAthlete: (slot: 'a' | 'b', patch: Partial<AthleteFields>) => void;
}

/** What a round was like: how hard, what was agreed, where, and how both came to it. */
export function CircumstancesFields({ circumstances, a, b, messages, onChange, onAthlete }: CircumstancesFieldsProps) {
  const [first = '', second = ''] = shortNamesOf([a.name || 'In focus', b.name || 'Partner']);
  const agreed: readonly (readonly [Restriction, string])[] = [
    ['a-from-below', `${first} works from below`],
    ['a-from-above', `${first} works from above`],
    ['b-from-below', `${second} works from below`],
    ['b-from-above', `${second} works from above`],
    ['no-submissions', 'No submissions'],
    ['no-leg-locks', 'No leg locks'],
    ['from-knees', 'Start from the knees'],
    ['partner-lets-work', 'The partner lets work'],
  ];
  const toggle = (one: Restriction, on: boolean) =>
    onChange({
      restrictions: on ? [...circumstances.restrictions, one] : circumstances.restrictions.filter((it) => it !== one),
    });
  return (
    <Stack>
      <Row>
        <Choice
          label="How hard"
          value={circumstances.intensity}
          onChange={(intensity) => onChange({ intensity })}
          onClear={() => onChange({ intensity: undefined })}
          options={[
            { value: 'flow', label: 'Flow' },
            { value: 'normal', label: 'Normal' },
            { value: 'hard', label: 'Hard' },
          ]}
        />
        <Choice
          label="Who watched"
          value={circumstances.audience}
          onChange={(audience) => onChange({ audience })}
          options={[
            { value: 'ordinary', label: 'Nobody special' },
            { value: 'watched', label: 'They knew they were filmed' },
            { value: 'for-the-camera', label: 'Played for the camera' },
          ]}
        />
      </Row>
      <Agreed>
        <legend>Agreed before</legend>
        <div>
          {agreed.map(([value, label]) => (
            <Checkbox
              key={value}
              isSelected={circumstances.restrictions.includes(value)}
              onChange={(on) => toggle(value, on)}
            >
              {label}
            </Checkbox>
          ))}
        </div>
      </Agreed>
      <Row>
        <Choice
          label="The two are"
          value={circumstances.relation}
          onChange={(relation) => onChange({ relation })}
          onClear={() => onChange({ relation: undefined })}
          options={[
            { value: 'regular', label: 'Regular partners' },
            { value: 'first-time', label: 'First time' },
            { value: 'coach-and-student', label: 'Coach and student' },
            { value: 'visitor', label: 'With a visitor' },
            { value: 'opponent', label: 'Opponents' },
          ]}
        />
      </Row>
      <Row>
        <Choice
          label="Who looks bigger"
          value={circumstances.size}
          onChange={(size) => onChange({ size })}
          onClear={() => onChange({ size: undefined })}
          options={[
            { value: 'a-much-bigger', label: `${first} much bigger` },
            { value: 'a-bigger', label: `${first} bigger` },
            { value: 'b-bigger', label: `${second} bigger` },
            { value: 'b-much-bigger', label: `${second} much bigger` },
          ]}
        />
      </Row>
      <Row>
        <Checkbox isSelected={circumstances.wallNear} onChange={(wallNear) => onChange({ wallNear })}>
          A wall or an edge is near
        </Checkbox>
        <Checkbox isSelected={circumstances.crowdedMat} onChange={(crowdedMat) => onChange({ crowdedMat })}>
          The mat is crowded
        </Checkbox>
      </Row>
      <Came>
        {(['a', 'b'] as const).map((slot) => {
          const fields = slot === 'a' ? a : b;
          const change = (patch: Partial<AthleteFields['condition']>) =>
            onAthlete(slot, { condition: { ...fields.condition, ...patch } });
          return (
            <Stack key={slot}>
              <h3>{slot === 'a' ? first : second} came to it</h3>
              <Choice
                label="Body"
                value={fields.condition.freshness}
                onChange={(freshness) => change({ freshness })}
                onClear={() => change({ freshness: undefined })}
                options={[
                  { value: 'fresh', label: 'Fresh' },
                  { value: 'ordinary', label: 'As usual' },
                  { value: 'tired', label: 'Tired' },
                ]}
              />
              <Choice
                label="Slept"
                value={fields.condition.sleep}
                onChange={(sleep) => change({ sleep })}
                onClear={() => change({ sleep: undefined })}
                options={[
                  { value: 'good', label: 'Well' },
                  { value: 'fair', label: 'Fairly' },
                  { value: 'poor', label: 'Badly' },
                ]}
              />
              <TextField
                label="Hurt or spared"
                value={fields.condition.hurt}
                onChange={(hurt) => change({ hurt })}
                problem={messages[`${slot}.condition.hurt`]}
                hint="For pain or injury, a licensed medical person decides."
              />
            </Stack>
          );
        })}
      </Came>
      <TextField
        label="Filmed by"
        value={circumstances.filmedBy}
        onChange={(filmedBy) => onChange({ filmedBy })}
        problem={messages['circumstances.filmedBy']}
        hint="Stretches that the camera did not see are marked in Review: “off camera 12”."
      />
    </Stack>
  );
}
