'use client';

import { useState } from 'react';
import { styled } from 'styled-components';
import { conceptName, findOwnWord, houseNameOf, wordsForConcept } from '@/core/vocabulary';
import { useAction } from '@/forms/useAction';
import { addAlias, removeAlias, renameConcept } from '@/server/language/houseActions';
import { useHouse } from '@/terms/HouseContext';
import { Row, Stack } from '@/ui/layout/Page';
import { Button, TextField } from '@/ui/primitives';
import { color, space } from '@/ui/tokens/tokens';

const Words = styled.ul`
  list-style: none; padding: 0; margin: 0; display: flex; flex-wrap: wrap; gap: ${space(1)} ${space(4)};
  li { display: inline-flex; align-items: baseline; gap: ${space(1)}; }
  li[data-house] { color: ${color.focusText}; }
  button { border: 0; background: none; cursor: pointer; color: ${color.quiet}; padding: 0 ${space(1)}; min-width: 24px; min-height: 24px; }
`;
const Line = styled.form`
  display: flex; gap: ${space(3)}; align-items: flex-end; > :first-child { flex: 1; max-width: 360px; }
`;

/** What an entry is called here, and by which other words it is understood. */
export function WordsEditor({ id }: { readonly id: string }) {
  const house = useHouse();
  const naming = useAction();
  const aliasing = useAction();
  const [name, setName] = useState(houseNameOf(house, id));
  const [alias, setAlias] = useState('');
  const own = findOwnWord(house, id);
  const ownAliases = own ? own.aliases : (house.aliases[id] ?? []);
  const words = wordsForConcept(house, id).slice(1);
  return (
    <Stack>
      <Words aria-label="Other words">
        {words.map((word) => (
          <li key={word} data-house={ownAliases.includes(word) || undefined}>
            {word}
            {ownAliases.includes(word) ? (
              <button
                type="button"
                aria-label={`Forget ${word}`}
                onClick={() => aliasing.run(() => removeAlias(id, word))}
              >
                ×
              </button>
            ) : null}
          </li>
        ))}
      </Words>
      {/* A word that was refused must not keep the next one from being sent: the server checks each. */}
      <Line
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          aliasing.run(
            () => addAlias(id, alias),
            () => setAlias(''),
          );
        }}
      >
        <TextField label="Another word for it" value={alias} onChange={setAlias} problem={aliasing.message} />
        <Button type="submit" isPending={aliasing.pending}>
          Add
        </Button>
      </Line>
      <Line
        noValidate
        onSubmit={(event) => {
          event.preventDefault();
          naming.run(() => renameConcept(id, name));
        }}
      >
        <TextField label="Called here" value={name} onChange={setName} problem={naming.message} />
        <Row>
          <Button type="submit" isPending={naming.pending}>
            Rename
          </Button>
          {!own && house.names[id] ? (
            <Button
              look="plain"
              onPress={() =>
                naming.run(
                  () => renameConcept(id, ''),
                  () => setName(conceptName(id)),
                )
              }
            >
              Back to {conceptName(id)}
            </Button>
          ) : null}
        </Row>
      </Line>
    </Stack>
  );
}
