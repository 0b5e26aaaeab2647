'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { RuleSet } from '@/core/scoring';
import { Page, Quiet, Section, Stack, Table } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';
import { RuleSetDialog } from './RuleSetDialog';
import { ruleSetWords } from './ruleSetFields';

export interface RuleSetsPageProps {
  /** The academy's own, with how many rounds are judged by each. */
  readonly own: readonly (RuleSet & { readonly version: number; readonly rounds: number })[];
  /** Those that come with the product; they are copied, not changed. */
  readonly given: readonly RuleSet[];
}

interface Edited {
  readonly ruleSet: RuleSet;
  /** The version that is changed; absent for a new copy. */
  readonly version?: number;
  readonly rounds: number;
}

/** The rules by which rounds are judged: those that come with the product, and the academy's own copies. */
export function RuleSetsPage({ own, given }: RuleSetsPageProps) {
  const router = useRouter();
  const [edited, setEdited] = useState<Edited>();
  const copy = (ruleSet: RuleSet) =>
    setEdited({ ruleSet: { ...ruleSet, id: crypto.randomUUID(), name: `${ruleSet.name}, our way` }, rounds: 0 });
  return (
    <Page
      title="Rules"
      aside="Points, holds, penalties and overtime, as your academy or the event counts them. The event’s own rules and its referee come first."
    >
      <Section>
        <h2>Your own</h2>
        <div className="note">A change scores all rounds anew that are judged by it.</div>
        <div className="matter">
          {own.length === 0 ? (
            <Quiet>None yet. Make a copy of one below and change what differs.</Quiet>
          ) : (
            <Table>
              <tbody>
                {own.map(({ version, rounds, ...ruleSet }) => (
                  <tr key={ruleSet.id}>
                    <td>{ruleSet.name}</td>
                    <td>{ruleSetWords(ruleSet)}</td>
                    <td>{rounds === 1 ? '1 round' : `${rounds} rounds`}</td>
                    <td>
                      <Button onPress={() => setEdited({ ruleSet, version, rounds })}>Change</Button>
                    </td>
                  </tr>
                ))}
              </tbody>
            </Table>
          )}
        </div>
      </Section>
      <Section>
        <h2>That come with it</h2>
        <div className="note">
          From memory of the usual rule books: check them against the edition that your event uses.
        </div>
        <div className="matter">
          <Stack>
            <Table>
              <tbody>
                {given.map((ruleSet) => (
                  <tr key={ruleSet.id}>
                    <td>{ruleSet.name}</td>
                    <td>{ruleSetWords(ruleSet)}</td>
                    <td>
                      <Button onPress={() => copy(ruleSet)}>Make a copy</Button>
                    </td>
                  </tr>
                ))}
              </tbody>
            </Table>
          </Stack>
        </div>
      </Section>
      {edited ? (
        <RuleSetDialog
          {...edited}
          onClose={() => {
            setEdited(undefined);
            router.refresh();
          }}
        />
      ) : null}
    </Page>
  );
}
