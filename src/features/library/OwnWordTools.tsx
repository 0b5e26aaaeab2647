'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { type CatalogueKind, drillOf, houseNameOf, type OwnWord, standardIdOf } from '@/core/vocabulary';
import { useAction } from '@/forms/useAction';
import { describeOwnWord, mergeWord, removeOwnWord, saveCourse } from '@/server/language/houseActions';
import { useHouse } from '@/terms/HouseContext';
import { Notice, Row, Stack } from '@/ui/layout/Page';
import { Button, ComboField, ConfirmDialog, TextField } from '@/ui/primitives';
import { OwnDrillDialog } from './OwnDrillDialog';
import { useFinder } from './useFinder';

/** How an own drill is run, and the way back to how the standard one is. */
function OwnDrillTools({ own }: { readonly own: OwnWord }) {
  const { message, pending, run } = useAction();
  const [isOpen, setOpen] = useState(false);
  const [isGivingUp, setGivingUp] = useState(false);
  const drill = drillOf(useHouse(), own.id);
  if (!drill) return null;
  return (
    <Row>
      <Button onPress={() => setOpen(true)}>How it runs here</Button>
      {own.course ? (
        <Button look="plain" isPending={pending} onPress={() => setGivingUp(true)}>
          As the standard one again
        </Button>
      ) : null}
      {message ? <Notice role="alert">{message}</Notice> : null}
      <ConfirmDialog
        title="Give up our way?"
        text="What was written about how it runs here goes, and it runs as the standard one. Its name and its marks stay."
        confirm="Give it up"
        isOpen={isGivingUp}
        onClose={() => setGivingUp(false)}
        onConfirm={() => run(() => saveCourse(own.id, own.text, undefined))}
      />
      {isOpen ? <OwnDrillDialog drill={drill} isOpen onClose={() => setOpen(false)} /> : null}
    </Row>
  );
}

/** What can be done with a word of the academy's own: say more about it, merge it, take it away. */
export function OwnWordTools({ own, kind }: { readonly own: OwnWord; readonly kind: CatalogueKind }) {
  const router = useRouter();
  const house = useHouse();
  const find = useFinder();
  const { message, pending, run } = useAction();
  const [text, setText] = useState(own.text);
  const [into, setInto] = useState('');
  const [chosen, setChosen] = useState<string>();
  const [removing, setRemoving] = useState(false);
  const options = useMemo(() => find(into, kind).filter((one) => one.id !== own.id), [find, into, kind, own.id]);
  return (
    <Stack>
      {kind === 'drill' ? <OwnDrillTools own={own} /> : null}
      {kind === 'error' ? (
        <Row>
          <TextField label="What to say" value={text} onChange={setText} />
          <Button isPending={pending} onPress={() => run(() => describeOwnWord(own.id, text))}>
            Keep the text
          </Button>
        </Row>
      ) : null}
      {own.mergedIntoId ? (
        <Row>
          <Button isPending={pending} onPress={() => run(() => mergeWord(own.id, undefined))}>
            Undo the merge
          </Button>
        </Row>
      ) : (
        <Row style={{ alignItems: 'flex-end' }}>
          <ComboField
            label="The same as another word? Merge it into"
            text={into}
            onText={(typed) => {
              setInto(typed);
              setChosen(undefined);
            }}
            options={options}
            onChoose={(id) => {
              setChosen(id);
              setInto(houseNameOf(house, id));
            }}
          />
          <Button
            isDisabled={!chosen}
            isPending={pending}
            onPress={() =>
              chosen &&
              run(
                () => mergeWord(own.id, chosen),
                ({ id }) => router.push(`/library/${id}`),
              )
            }
          >
            Merge
          </Button>
        </Row>
      )}
      <Row>
        <Button look="plain" onPress={() => setRemoving(true)}>
          Take this word away
        </Button>
      </Row>
      {message ? <Notice role="alert">{message}</Notice> : null}
      <ConfirmDialog
        title={`Take away “${own.name}”?`}
        text="The word and its other names go. A word that marks, classes or reviews still name is kept: merge or hide it instead."
        confirm="Take it away"
        isOpen={removing}
        onClose={() => setRemoving(false)}
        onConfirm={() =>
          run(
            () => removeOwnWord(own.id),
            () => router.push(`/library/${standardIdOf(own.id)}`),
          )
        }
      />
    </Stack>
  );
}
