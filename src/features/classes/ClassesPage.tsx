'use client';

import Link from 'next/link';
import { useState } from 'react';
import { useZone } from '@/terms/ZoneContext';
import { ActionLink, Empty, Page, Quiet, Section, Table } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';
import { Button } from '@/ui/primitives';
import { ClassDialog, type ClassFacts } from './ClassDialog';
import { clockTime, longDayWords } from './classView';

export interface ClassLine extends ClassFacts {
  readonly expected: number;
  readonly planVersion?: number;
}

function ClassTable({ classes }: { readonly classes: readonly ClassLine[] }) {
  const zone = useZone();
  return (
    <Table>
      <thead>
        <tr>
          <th>When</th>
          <th>Class</th>
          <th>Worn</th>
          <th className="figure">Length</th>
          <th className="figure">Expected</th>
          <th>Plan</th>
        </tr>
      </thead>
      <tbody>
        {classes.map((one) => (
          <tr key={one.id}>
            <td>
              {longDayWords(one.startsAt, zone)}, {clockTime(one.startsAt, 0, zone)}
            </td>
            <td>
              <Link href={`/classes/${one.id}`}>{one.title}</Link> <Quiet>{one.level}</Quiet>
            </td>
            <td>{one.uniform}</td>
            <td className="figure">{one.minutes} min</td>
            <td className="figure">{one.expected}</td>
            <td>
              {one.planVersion ? <Link href={`/classes/${one.id}/sheet`}>sheet</Link> : <Quiet>not planned yet</Quiet>}
            </td>
          </tr>
        ))}
      </tbody>
    </Table>
  );
}

export function ClassesPage({
  upcoming,
  past,
  foot,
  people,
}: {
  readonly upcoming: readonly ClassLine[];
  readonly past: readonly ClassLine[];
  readonly foot?: PieceFootProps;
  readonly people: number;
}) {
  const [adding, setAdding] = useState(false);
  return (
    <Page
      title="Classes"
      aside="What comes, who is expected, and what it should answer."
      actions={<Button onPress={() => setAdding(true)}>A new class</Button>}
    >
      {upcoming.length === 0 ? (
        <Empty>
          <h2>No class ahead</h2>
          <p>
            {people === 0
              ? 'First bring in footage and review a round: a plan answers what keeps happening to those who come.'
              : 'Set up the next class, tick who is expected, and let a plan be made from what keeps happening to them.'}
          </p>
          {people === 0 ? (
            <ActionLink data-look="lead" href="/footage">
              To Footage
            </ActionLink>
          ) : (
            <Button look="lead" onPress={() => setAdding(true)}>
              Set up a class
            </Button>
          )}
        </Empty>
      ) : (
        <Section>
          <h2>Ahead</h2>
          <div className="matter">
            <ClassTable classes={upcoming} />
          </div>
        </Section>
      )}
      {past.length > 0 ? (
        <Section>
          <h2>Behind</h2>
          <div className="matter">
            <ClassTable classes={past} />
            <PieceFoot {...foot} />
          </div>
        </Section>
      ) : null}
      <ClassDialog isOpen={adding} onClose={() => setAdding(false)} />
    </Page>
  );
}
