'use client';

import { useState } from 'react';
import { FormMessage } from '@/forms/FormMessage';
import { useSending } from '@/forms/useSending';
import { bringPackageIn, leavePackage, takePackageBack } from '@/server/exchange/exchangeActions';
import { momentWords } from '@/terms/dayWords';
import { useZone } from '@/terms/ZoneContext';
import { Quiet, Row, Stack, Table } from '@/ui/layout/Page';
import { Button, Checkbox, ConfirmDialog } from '@/ui/primitives';
import { type Counts, countLines } from './exchangeWords';

export interface ImportLine {
  readonly id: string;
  readonly title: string;
  readonly state: 'compared' | 'working' | 'done' | 'undone' | 'failed';
  readonly counts: Readonly<Record<string, Counts>>;
  readonly comparedAt: string;
  readonly changedAt: string;
  readonly broughtByName?: string;
}

/** A package that was compared or brought in, with what can be done about it. */
export function ImportCard({ one, onChanged }: { readonly one: ImportLine; readonly onChanged: () => void }) {
  const zone = useZone();
  const [takesTheirs, setTakesTheirs] = useState(false);
  const [isAsked, setAsked] = useState(false);
  const { messages, isSending, send } = useSending();
  const lines = countLines(one.counts);
  const conflicts = lines.reduce((sum, line) => sum + line.conflict, 0);
  const brings = lines.reduce((sum, line) => sum + line.fresh + line.newer, 0) + (takesTheirs ? conflicts : 0);
  if (one.state === 'undone' || one.state === 'failed')
    return (
      <Quiet>
        {one.title}: {one.state === 'failed' ? 'could not be brought in; nothing of it is here' : 'left, or taken back'}
        , {momentWords(one.changedAt, zone)}
      </Quiet>
    );
  return (
    <Stack as="article" aria-label={one.title}>
      <h3>{one.title}</h3>
      <Table aria-label="How it stands to what is here">
        <thead>
          <tr>
            <th>Of the package</th>
            <th className="figure">New</th>
            <th className="figure">Newer there</th>
            <th className="figure">The same</th>
            <th className="figure">Differs on both sides</th>
            <th className="figure">Left out</th>
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <tr key={line.words}>
              <td>{line.words}</td>
              {[line.fresh, line.newer, line.same, line.conflict, line.bad].map((count, at) => (
                <td key={at} className="figure">
                  {count === 0 ? '–' : count}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </Table>
      {lines.some((line) => line.bad > 0) ? (
        <Quiet>Left out: what cannot be read, and what belongs to a coach who is not here.</Quiet>
      ) : null}
      <FormMessage messages={messages} />
      {one.state === 'working' ? <Quiet role="status">It is being brought in …</Quiet> : null}
      {one.state === 'compared' ? (
        <>
          {conflicts > 0 ? (
            <Checkbox isSelected={takesTheirs} onChange={setTakesTheirs}>
              Where both sides differ, take what the package says
            </Checkbox>
          ) : null}
          <Row>
            <Button
              look="lead"
              onPress={() => send(() => bringPackageIn(one.id, takesTheirs), onChanged)}
              isPending={isSending}
              isDisabled={brings === 0}
            >
              {brings === 0 ? 'There is nothing to bring in' : 'Bring it in'}
            </Button>
            <Button onPress={() => send(() => leavePackage(one.id), onChanged)}>Leave it</Button>
          </Row>
        </>
      ) : null}
      {one.state === 'done' ? (
        <Row>
          <Quiet>
            Brought in {momentWords(one.changedAt, zone)}
            {one.broughtByName ? ` by ${one.broughtByName}` : ''}
          </Quiet>
          <Button onPress={() => setAsked(true)}>Take it back</Button>
        </Row>
      ) : null}
      <ConfirmDialog
        title="Take this package back?"
        text="All that it brought goes, and what it changed becomes what it was. What was changed since stops this, and nothing happens."
        confirm="Take it back"
        isOpen={isAsked}
        onConfirm={() => {
          setAsked(false);
          send(() => takePackageBack(one.id), onChanged);
        }}
        onClose={() => setAsked(false)}
      />
    </Stack>
  );
}
