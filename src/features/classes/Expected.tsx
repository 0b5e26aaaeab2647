'use client';

import { styled } from 'styled-components';
import { formatWeight, type WeightUnit } from '@/core/kernel';
import { type AnyBelt, beltCloth, beltWords } from '@/core/vocabulary';
import { AddByName } from '@/forms/AddByName';
import { FoldedBelt } from '@/ui/charts/FoldedBelt';
import { Quiet } from '@/ui/layout/Page';
import { Button, Checkbox } from '@/ui/primitives';
import { space } from '@/ui/tokens/tokens';
import { chances, chanceWords } from './classView';

const List = styled.ul`
  list-style: none; margin: 0; padding: 0; columns: 2; column-gap: ${space(8)};
  li { break-inside: avoid; display: flex; align-items: center; gap: ${space(2)}; min-height: 32px; }
  li > span:last-child { margin-left: auto; }
  button { font-size: 13.5px; min-height: 26px; padding: 0 ${space(2)}; min-width: 66px; }
`;

export interface ExpectablePerson {
  readonly id: string;
  readonly name: string;
  readonly belt?: AnyBelt;
  readonly stripes: number;
  readonly weightKg?: number;
  readonly age?: number;
  readonly injuryNote?: string;
  readonly injuredUntil?: string;
}

export interface ExpectedProps {
  readonly people: readonly ExpectablePerson[];
  readonly chanceOf: Readonly<Record<string, number>>;
  readonly day: string;
  readonly unit: WeightUnit;
  readonly onChange: (personId: string, chance: number) => void;
}

/** More people than this are not looked through in one list: only who is expected stands there, others are added by name. @source own decision */
const MOST_LISTED = 80;

/** Who is expected, and how surely: a press on the word goes from surely to likely to perhaps. */
export function Expected(props: ExpectedProps) {
  const { people, chanceOf, onChange } = props;
  const isLong = people.length > MOST_LISTED;
  const listed = isLong ? people.filter((person) => (chanceOf[person.id] ?? 0) > 0) : people;
  return (
    <>
      {isLong ? (
        <AddByName
          label="Somebody else comes"
          options={people.filter((person) => !chanceOf[person.id])}
          onChoose={(id) => onChange(id, 0.9)}
        />
      ) : null}
      <ExpectedList {...props} people={listed} />
    </>
  );
}

function ExpectedList({ people, chanceOf, day, unit, onChange }: ExpectedProps) {
  return (
    <List aria-label="Who is expected">
      {people.map((person) => {
        const chance = chanceOf[person.id] ?? 0;
        const injured = person.injuredUntil !== undefined && person.injuredUntil >= day;
        const at = chances.findIndex((one) => chance >= one - 0.05);
        return (
          <li key={person.id}>
            <Checkbox isSelected={chance > 0} onChange={(selected) => onChange(person.id, selected ? 0.9 : 0)}>
              {person.name}
            </Checkbox>
            <FoldedBelt
              {...beltCloth(person.belt)}
              stripes={person.stripes}
              label={beltWords(person.belt, person.stripes)}
            />
            <Quiet>
              {person.weightKg === undefined ? 'weight not known' : formatWeight(person.weightKg, unit)}
              {person.age !== undefined && person.age < 18 ? `, ${person.age} years` : ''}
              {injured ? ', injured' : ''}
            </Quiet>
            <span>
              {chance > 0 ? (
                <Button
                  aria-label={`${person.name} comes ${chanceWords(chance)}`}
                  onPress={() => onChange(person.id, chances[(at + 1) % chances.length] ?? 0.9)}
                >
                  {chanceWords(chance)}
                </Button>
              ) : null}
            </span>
          </li>
        );
      })}
    </List>
  );
}
