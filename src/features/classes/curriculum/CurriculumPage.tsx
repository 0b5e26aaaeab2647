'use client';

import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { type Belt, beltCloth, belts, beltWords } from '@/core/vocabulary';
import { FormMessage } from '@/forms/FormMessage';
import { useSending } from '@/forms/useSending';
import { moveUnit, removeUnit } from '@/server/classes/unitActions';
import { dayWords } from '@/terms/dayWords';
import { useWordOf } from '@/terms/HouseContext';
import { FoldedBelt } from '@/ui/charts/FoldedBelt';
import { Empty, Page, Quiet, Section, Table } from '@/ui/layout/Page';
import { Button, ConfirmDialog } from '@/ui/primitives';
import { UnitDialog, type UnitFacts } from './UnitDialog';

export interface UnitLine extends UnitFacts {
  /** When any of it was taught last. */
  readonly lastDay?: string;
  /** Of those who wear its belt, how many were taught any of it. */
  readonly hadIt: number;
  readonly wearIt: number;
}
export interface CurriculumPageProps {
  readonly units: readonly UnitLine[];
  readonly next: readonly { readonly belt: Belt; readonly unitId: string }[];
}

/** What the academy teaches at each belt, in its order: what of it was taught when and to how many, and what comes next. */
export function CurriculumPage({ units, next }: CurriculumPageProps) {
  const [editing, setEditing] = useState<UnitFacts>();
  const [adding, setAdding] = useState(false);
  const shown = belts.filter((belt) => units.some((one) => one.belt === belt));
  return (
    <Page
      title="Curriculum"
      aside="Units of each belt, and what of them was taught. The log of classes says so."
      actions={
        <>
          <Link href="/classes">Classes</Link>
          <Button onPress={() => setAdding(true)}>A new unit</Button>
        </>
      }
    >
      {units.length === 0 ? (
        <Empty>
          <h2>No units yet</h2>
          <p>
            A unit is what you teach together: techniques, positions, drills of the library under one name, for one
            belt. From the log of classes this page then knows what was taught when and to whom, and each student’s page
            what they were shown and what was seen of them.
          </p>
          <Button look="lead" onPress={() => setAdding(true)}>
            The first unit
          </Button>
        </Empty>
      ) : null}
      {shown.map((belt) => (
        <Section key={belt}>
          <h2>
            <FoldedBelt {...beltCloth(belt)} stripes={0} label={beltWords(belt, 0)} /> {beltWords(belt, 0)}
          </h2>
          <div className="note">{nextWords(units, next.find((one) => one.belt === belt)?.unitId)}</div>
          <div className="matter">
            <Units units={units.filter((one) => one.belt === belt)} onEdit={setEditing} />
          </div>
        </Section>
      ))}
      {adding ? <UnitDialog isOpen onClose={() => setAdding(false)} /> : null}
      {editing ? <UnitDialog key={editing.id} unit={editing} isOpen onClose={() => setEditing(undefined)} /> : null}
    </Page>
  );
}

function nextWords(units: readonly UnitLine[], nextId: string | undefined): string {
  const unit = units.find((one) => one.id === nextId);
  if (!unit) return '';
  return `Next: ${unit.title}, ${unit.lastDay ? `last taught ${dayWords(unit.lastDay)}` : 'never taught yet'}.`;
}

interface UnitsProps {
  readonly units: readonly UnitLine[];
  readonly onEdit: (unit: UnitFacts) => void;
}

function Units({ units, onEdit }: UnitsProps) {
  const router = useRouter();
  const wordOf = useWordOf();
  const { messages, isSending, send } = useSending();
  const [deleting, setDeleting] = useState<UnitLine>();
  const then = () => router.refresh();
  return (
    <>
      <FormMessage messages={messages} />
      <Table>
        <thead>
          <tr>
            <th>Unit</th>
            <th>Entries</th>
            <th>Last taught</th>
            <th className="figure">Had it</th>
            <th aria-label="Change" />
          </tr>
        </thead>
        <tbody>
          {units.map((unit, at) => (
            <tr key={unit.id}>
              <td>
                <strong>{unit.title}</strong>
              </td>
              <td>
                {unit.conceptIds.map((id, place) => (
                  <span key={id}>
                    {place > 0 ? ', ' : ''}
                    <Link href={`/library/${id}`}>{wordOf(id)}</Link>
                  </span>
                ))}
              </td>
              <td>{unit.lastDay ? dayWords(unit.lastDay) : <Quiet>never</Quiet>}</td>
              <td className="figure" style={{ whiteSpace: 'nowrap' }}>
                {unit.hadIt} of {unit.wearIt}
              </td>
              <td style={{ whiteSpace: 'nowrap' }}>
                <Button
                  look="plain"
                  aria-label={`${unit.title} earlier`}
                  isDisabled={at === 0 || isSending}
                  onPress={() => send(() => moveUnit(unit.id, 'up'), then)}
                >
                  ↑
                </Button>
                <Button
                  look="plain"
                  aria-label={`${unit.title} later`}
                  isDisabled={at === units.length - 1 || isSending}
                  onPress={() => send(() => moveUnit(unit.id, 'down'), then)}
                >
                  ↓
                </Button>
                <Button look="plain" aria-label={`Change ${unit.title}`} onPress={() => onEdit(unit)}>
                  change
                </Button>
                <Button look="plain" aria-label={`Take ${unit.title} out`} onPress={() => setDeleting(unit)}>
                  take out
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
      <ConfirmDialog
        title={`Take “${deleting?.title ?? ''}” out?`}
        text="The unit goes; what was taught stays in the log of classes."
        confirm="Take it out"
        isOpen={deleting !== undefined}
        onClose={() => setDeleting(undefined)}
        onConfirm={() => deleting && send(() => removeUnit(deleting.id), then)}
      />
    </>
  );
}
