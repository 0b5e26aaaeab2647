'use client';

import { styled } from 'styled-components';
import type { WeightUnit } from '@/core/kernel';
import { type AgeClass, ageClassOn } from '@/core/partner';
import {
  BeltField,
  BeltPicture,
  DivisionField,
  HeightField,
  StandingField,
  StripesField,
  WeightField,
} from '@/forms/PersonFields';
import { Choice, Select, TextField } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';
import type { AthleteFields, PersonFacts } from './roundCardReducer';

const Box = styled.fieldset`
  border: 0; border-left: 4px solid ${color.other}; margin: 0; padding: 0 0 0 ${space(4)}; display: flex; flex-direction: column; gap: ${space(4)}; min-width: 0;
  &[data-focus] { border-color: ${color.focus}; }
  legend { padding: 0; font-size: ${size.body}; font-weight: 600; margin-bottom: ${space(2)}; }
  .pair { display: grid; grid-template-columns: 1fr 1fr; gap: ${space(4)}; }
  .weight { display: grid; grid-template-columns: minmax(90px, 1fr) auto; gap: ${space(4)}; }
  .height { display: grid; grid-template-columns: 120px 1fr; gap: ${space(4)}; align-items: center; }
  .height p { margin: ${space(4)} 0 0; color: ${color.quiet}; font-size: ${size.small}; }
  .belt { display: flex; align-items: flex-end; gap: ${space(3)}; }
  .belt > :first-child { flex: 1; }
`;

export interface AthleteFieldsetProps {
  readonly slot: 'a' | 'b';
  readonly fields: AthleteFields;
  readonly people: readonly PersonFacts[];
  /** The day of the round, for the age class. */
  readonly heldOn: string;
  readonly unit: WeightUnit;
  readonly messages: Readonly<Record<string, string>>;
  readonly onChange: (patch: Partial<AthleteFields>) => void;
  readonly onPerson: (person: PersonFacts) => void;
}

const NEW = 'somebody-new';

export function AthleteFieldset({
  slot,
  fields,
  people,
  heldOn,
  unit,
  messages,
  onChange,
  onPerson,
}: AthleteFieldsetProps) {
  const bornOn = people.find((one) => one.id === fields.personId)?.bornOn;
  const message = (field: string): string | undefined => messages[`${slot}.${field}`];
  const options = [
    { value: NEW, label: 'Somebody new …' },
    ...people.map((one) => ({ value: one.id, label: one.name })),
  ];
  const choose = (id: string) => {
    const person = people.find((one) => one.id === id);
    if (person) onPerson(person);
    else onChange({ personId: undefined, name: '' });
  };
  return (
    <Box data-focus={slot === 'a' || undefined}>
      <legend>{slot === 'a' ? 'Athlete in focus' : 'Partner'}</legend>
      <div className="pair">
        <Select
          label="Who"
          options={options}
          value={fields.personId ?? NEW}
          onChange={choose}
          problem={message('personId')}
        />
        {fields.personId ? (
          <TextField
            label="Told apart by"
            value={fields.toldApartBy}
            onChange={(toldApartBy) => onChange({ toldApartBy })}
            problem={message('toldApartBy')}
            hint={fields.toldApartBy ? undefined : 'white gi, starts left'}
          />
        ) : (
          <TextField
            label="Name"
            value={fields.name}
            onChange={(name) => onChange({ name })}
            problem={message('newName')}
          />
        )}
      </div>
      {fields.personId ? null : (
        <div className="pair">
          <StandingField value={fields.standing} onChange={(standing) => onChange({ standing })} />
          <TextField
            label="Told apart by"
            value={fields.toldApartBy}
            onChange={(toldApartBy) => onChange({ toldApartBy })}
            hint={fields.toldApartBy ? undefined : 'white gi, starts left'}
          />
        </div>
      )}
      <div className="pair">
        <div className="belt">
          <BeltField label="Belt that day" value={fields.belt} onChange={(belt) => onChange({ belt, stripes: 0 })} />
          <BeltPicture belt={fields.belt} stripes={fields.stripes} />
        </div>
        <StripesField
          belt={fields.belt}
          value={fields.stripes}
          onChange={(stripes) => onChange({ stripes })}
          problem={message('stripes')}
        />
      </div>
      <div className="weight">
        <WeightField
          label="Weight that day"
          unit={unit}
          value={fields.weight}
          onChange={(weight) => onChange({ weight })}
          problem={message('weight')}
        />
        <Choice
          label="The weight is"
          value={fields.weightSource}
          onChange={(weightSource) => onChange({ weightSource })}
          options={[
            { value: 'measured', label: 'measured' },
            { value: 'stated', label: 'stated' },
            { value: 'estimated', label: 'estimated' },
          ]}
        />
      </div>
      <div className="height">
        <HeightField
          value={fields.height}
          onChange={(height) => onChange({ height })}
          problem={message('condition.heightCm')}
        />
        <p>
          {bornOn
            ? `Age class that day: ${ageClassWords(ageClassOn(bornOn, heldOn))}.`
            : 'Age class: not known; the day of birth belongs to the person’s details.'}
        </p>
      </div>
      {fields.personId && fields.division ? null : (
        <DivisionField
          label="Division, for the weight class"
          value={fields.division}
          onChange={(division) => onChange({ division })}
        />
      )}
    </Box>
  );
}

/** "master 2", as a coach says it. */
const ageClassWords = (ageClass: AgeClass): string => ageClass.replace('-', ' ');
