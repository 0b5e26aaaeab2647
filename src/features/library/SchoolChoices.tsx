'use client';

import Link from 'next/link';
import { useState } from 'react';
import { styled } from 'styled-components';
import { chosenOption, type School } from '@/core/vocabulary';
import { useAction } from '@/forms/useAction';
import { chooseSchool } from '@/server/language/houseActions';
import { useHouse, useWordOf } from '@/terms/HouseContext';
import { Notice, Quiet } from '@/ui/layout/Page';
import { color, font, space } from '@/ui/tokens/tokens';

const Question = styled.fieldset`
  border: 0; padding: 0 0 ${space(4)}; margin: 0; min-width: 0;
  legend { font-family: ${font.serif}; font-size: 18px; padding: 0 0 ${space(1)}; }
  label { display: grid; grid-template-columns: 26px minmax(0, 1fr); padding: ${space(1)} 0; cursor: pointer; }
  label[data-chosen] strong { color: ${color.focusText}; }
  input { accent-color: currentColor; margin: 3px 0 0; width: 15px; height: 15px; }
`;

/** Points on which good coaches differ: the academy's side chosen, the others readable with their reasons. */
export function SchoolChoices({
  schools,
  withEntries,
}: {
  readonly schools: readonly School[];
  readonly withEntries?: boolean;
}) {
  const house = useHouse();
  const wordOf = useWordOf();
  const { message, run } = useAction();
  // The press is shown at once; what the server keeps comes a moment later.
  const [picked, setPicked] = useState<Readonly<Record<string, string>>>({});
  const choose = (schoolId: string, key: string) => {
    setPicked((known) => ({ ...known, [schoolId]: key }));
    run(async () => {
      const outcome = await chooseSchool(schoolId, key);
      if (!outcome.ok) setPicked({});
      return outcome;
    });
  };
  return (
    <div>
      {schools.map((school) => {
        const chosenKey = picked[school.id] ?? chosenOption(house, school).option.key;
        return (
          <Question key={school.id}>
            <legend>{school.question}</legend>
            {school.options.map((option) => (
              <label key={option.key} data-chosen={option.key === chosenKey || undefined}>
                <input
                  type="radio"
                  name={school.id}
                  checked={option.key === chosenKey}
                  onChange={() => choose(school.id, option.key)}
                />
                <span>
                  <strong>{option.name}.</strong> {option.reason}
                  {option.key === school.defaultKey ? <Quiet> Usual choice: {school.defaultReason}</Quiet> : null}
                </span>
              </label>
            ))}
            {withEntries && school.errorIds.length + school.drillIds.length > 0 ? (
              <Quiet>
                Changes the words of{' '}
                {[...school.errorIds, ...school.drillIds].map((id, at) => (
                  <span key={id}>
                    {at > 0 ? ', ' : ''}
                    <Link href={`/library/${id}`}>{wordOf(id)}</Link>
                  </span>
                ))}
                .
              </Quiet>
            ) : null}
          </Question>
        );
      })}
      {message ? <Notice role="alert">{message}</Notice> : null}
    </div>
  );
}
