'use client';

import { useMemo, useState } from 'react';
import { matchConcepts, OFFERED_CONFIDENCE, type VocabularyIndex, withoutCoarse, wordsOf } from '@/core/callline';
import { findDrill, findError, kindOf, listConceptIds, soundOf } from '@/core/vocabulary';
import { useAction } from '@/forms/useAction';
import { addOwnWord } from '@/server/language/houseActions';
import { useHouse, useWordOf } from '@/terms/HouseContext';
import { kindNames } from '@/terms/kindNames';
import { Notice, Quiet, Row, Stack } from '@/ui/layout/Page';
import { Button, ComboField, Dialog, TextField } from '@/ui/primitives';

/** A word that is missing: how it was written, and the entry that it is probably a kind of. */
export interface MissingWord {
  readonly name: string;
  readonly likeId?: string;
}

export interface NewWordDialogProps {
  readonly missing: MissingWord;
  readonly index: VocabularyIndex;
  readonly onClose: () => void;
  /** The word is the academy's now. */
  readonly onMade: (id: string, name: string) => void;
}

/** Makes a word where it is missing, without leaving the round: a kind of any entry, drills included. */
export function NewWordDialog({ missing, index, onClose, onMade }: NewWordDialogProps) {
  const house = useHouse();
  const wordOf = useWordOf();
  const [name, setName] = useState(withoutCoarse(missing.name));
  const [text, setText] = useState('');
  const [likeId, setLikeId] = useState(missing.likeId);
  const [like, setLike] = useState(missing.likeId ? wordOf(missing.likeId) : '');
  const { message, setMessage, pending, run } = useAction();
  const options = useMemo(() => {
    const words = wordsOf(like);
    if (words.length === 0) return [];
    const found = (['gi', 'no-gi'] as const)
      .flatMap((uniform) => matchConcepts(words, index, { uniform }, 16))
      .filter(({ confidence }) => confidence >= OFFERED_CONFIDENCE)
      .sort((one, other) => other.confidence - one.confidence)
      .map(({ concept }) => concept.id);
    const drills = listConceptIds(house, 'drill').filter((id) =>
      words.every((word) => soundOf(wordOf(id)).includes(word)),
    );
    return [...new Set([...found, ...drills])]
      .slice(0, 10)
      .map((id) => ({ id, label: wordOf(id), aside: kindNames[kindOf(id) ?? 'attempt'] }));
  }, [like, index, house, wordOf]);
  const textLabel = likeId && (findDrill(likeId) ? 'How it starts' : findError(likeId) ? 'What to say' : undefined);
  const save = () => {
    if (!likeId) return setMessage('Choose first what it is a kind of: its figures and drills are counted with that.');
    run(
      () => addOwnWord({ likeId, name, text, aliases: [] }),
      ({ id }) => onMade(id, name.trim()),
    );
  };
  return (
    <Dialog title="A word of ours" isOpen onClose={onClose}>
      <form
        onSubmit={(event) => {
          event.preventDefault();
          save();
        }}
      >
        <Stack>
          <TextField label="Our name" value={name} onChange={setName} autoFocus />
          <ComboField
            label="A kind of"
            text={like}
            onText={(typed) => {
              setLike(typed);
              setLikeId(undefined);
            }}
            options={options}
            onChoose={(id) => {
              setLikeId(id);
              setLike(wordOf(id));
            }}
            placeholder="an error, a technique, a position, a grip or a drill"
          />
          {textLabel ? <TextField label={textLabel} value={text} onChange={setText} /> : null}
          <Quiet>
            It gets figures of its own and shares what the library knows of its kind. Its marks move with it when it is
            merged later.
          </Quiet>
          {message ? <Notice role="alert">{message}</Notice> : null}
          <Row>
            <Button look="lead" type="submit" isPending={pending}>
              Add the word
            </Button>
            <Button look="plain" onPress={onClose}>
              Cancel
            </Button>
          </Row>
        </Stack>
      </form>
    </Dialog>
  );
}
