'use client';

import { useRouter } from 'next/navigation';
import { useActionState, useState } from 'react';
import { FormMessage } from '@/forms/FormMessage';
import { whyNot } from '@/forms/whyNot';
import {
  addCoach,
  changePassword,
  endAccount,
  reopenAccount,
  signOutEverywhere,
} from '@/server/accounts/accountActions';
import { momentWords } from '@/terms/dayWords';
import { useZone } from '@/terms/ZoneContext';
import { Fields, Notice, Quiet, Row, Section, Stack, Table } from '@/ui/layout/Page';
import { Button, ConfirmDialog, Form, Select, TextField } from '@/ui/primitives';

export interface CoachLine {
  readonly id: string;
  readonly displayName: string;
  readonly signInName: string;
  readonly role: 'head' | 'assistant' | 'helper';
}
const roleWords = { head: 'head coach', assistant: 'assistant', helper: 'helper at the mat' } as const;
const furtherRoles = [
  { value: 'assistant', label: 'an assistant coach' },
  { value: 'helper', label: 'a helper: logs classes, sees nothing else' },
] as const;

/** One's own password, and the way out of every device. */
export function PasswordSection() {
  const [outcome, change, changing] = useActionState(changePassword, undefined);
  return (
    <Section id="password">
      <h2>Your password</h2>
      <div className="note">Changing it signs every other device out.</div>
      <div className="matter">
        <Stack>
          <Form action={change} validationErrors={outcome?.ok === false ? outcome.messages : undefined}>
            <Stack>
              <Fields>
                <TextField
                  label="Password now"
                  name="currentPassword"
                  type="password"
                  autoComplete="current-password"
                  isRequired
                />
                <TextField
                  label="New password"
                  name="password"
                  type="password"
                  autoComplete="new-password"
                  hint="At least 10 characters; a short sentence is easiest to keep"
                  isRequired
                />
              </Fields>
              <Row>
                <Button type="submit" isPending={changing}>
                  {changing ? 'Changing …' : 'Change the password'}
                </Button>
                {outcome?.ok ? <Quiet role="status">{outcome.said}</Quiet> : null}
              </Row>
              {outcome?.ok === false ? <FormMessage messages={outcome.messages} /> : null}
            </Stack>
          </Form>
          <form action={signOutEverywhere}>
            <Button type="submit">Sign me out on every device</Button>
          </form>
        </Stack>
      </div>
    </Section>
  );
}

/** Who may sign in, and as what; the head coach makes and ends accounts. */
export function CoachesSection({
  coaches,
  isHead,
  ended = [],
}: {
  readonly coaches: readonly CoachLine[];
  readonly isHead: boolean;
  /** Accounts that were ended lately. */
  readonly ended?: readonly { readonly id: string; readonly displayName: string; readonly endedAt: string }[];
}) {
  const zone = useZone();
  const router = useRouter();
  const [outcome, add, adding] = useActionState(addCoach, undefined);
  const [leaving, setLeaving] = useState<CoachLine>();
  const [problem, setProblem] = useState<string>();
  const [role, setRole] = useState<(typeof furtherRoles)[number]['value']>('assistant');
  const end = async (one: CoachLine) => {
    const answer = await endAccount(one.id).catch(() => undefined);
    setProblem(whyNot(answer));
    router.refresh();
  };
  const reopen = async (id: string) => {
    const answer = await reopenAccount(id).catch(() => undefined);
    setProblem(whyNot(answer));
    router.refresh();
  };
  return (
    <Section>
      <h2>Coaches</h2>
      <div className="note">
        A forgotten password is set anew on the machine that the academy runs on: bin/owl password NAME.
      </div>
      <div className="matter">
        <Stack>
          <Table>
            <thead>
              <tr>
                <th>Name</th>
                <th>Signs in as</th>
                <th>Role</th>
                {isHead ? <th aria-label="What can be done" /> : null}
              </tr>
            </thead>
            <tbody>
              {coaches.map((one) => (
                <tr key={one.id}>
                  <td>{one.displayName}</td>
                  <td>{one.signInName}</td>
                  <td>{roleWords[one.role]}</td>
                  {isHead ? (
                    <td>
                      {one.role === 'head' ? null : (
                        <Button
                          look="plain"
                          onPress={() => setLeaving(one)}
                          aria-label={`End the account of ${one.displayName}`}
                        >
                          End the account
                        </Button>
                      )}
                    </td>
                  ) : null}
                </tr>
              ))}
            </tbody>
          </Table>
          {problem ? <Notice role="alert">{problem}</Notice> : null}
          {ended.map((one) => (
            <Row key={one.id}>
              <Quiet>
                The account of {one.displayName} was ended {momentWords(one.endedAt, zone)}.
              </Quiet>
              <Button
                look="plain"
                onPress={() => void reopen(one.id)}
                aria-label={`Open the account of ${one.displayName} again`}
              >
                Open it again
              </Button>
            </Row>
          ))}
          {isHead ? (
            <Form action={add} validationErrors={outcome?.ok === false ? outcome.messages : undefined}>
              <Stack>
                <h3>Another account</h3>
                <Fields>
                  <TextField label="Name" name="displayName" isRequired />
                  <TextField label="Signs in as" name="signInName" isRequired />
                  <TextField
                    label="First password"
                    name="password"
                    type="password"
                    autoComplete="new-password"
                    isRequired
                  />
                  <Select label="For" options={furtherRoles} value={role} onChange={setRole} />
                </Fields>
                <input type="hidden" name="role" value={role} />
                <Row>
                  <Button type="submit" isPending={adding}>
                    Add the account
                  </Button>
                  {outcome?.ok ? <Quiet role="status">{outcome.said}</Quiet> : null}
                  {outcome?.ok === false ? <FormMessage messages={outcome.messages} /> : null}
                </Row>
              </Stack>
            </Form>
          ) : null}
        </Stack>
      </div>
      <ConfirmDialog
        title="End this account?"
        text={`${leaving?.displayName ?? ''} is signed out everywhere and can sign in no more. What they marked and signed stays, with their name. It can be opened again for thirty days.`}
        confirm="End the account"
        isOpen={leaving !== undefined}
        onClose={() => setLeaving(undefined)}
        onConfirm={() => leaving && void end(leaving)}
      />
    </Section>
  );
}
