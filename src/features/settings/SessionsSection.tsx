'use client';

import { FormMessage } from '@/forms/FormMessage';
import { useSending } from '@/forms/useSending';
import { endSession } from '@/server/accounts/accountActions';
import { momentWords } from '@/terms/dayWords';
import { useZone } from '@/terms/ZoneContext';
import { Quiet, Section, Table } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';

export interface SessionLine {
  readonly id: string;
  readonly browser: string;
  readonly since: string;
  readonly lastSeen: string;
  readonly isThis: boolean;
}

/** Where the coach is signed in, each to be ended by itself. */
export function SessionsSection({ sessions }: { readonly sessions: readonly SessionLine[] }) {
  const zone = useZone();
  const { messages, isSending, send } = useSending();
  return (
    <Section>
      <h2>Where you are signed in</h2>
      <div className="note">End what you do not know, then change your password.</div>
      <div className="matter">
        <FormMessage messages={messages} />
        <Table>
          <thead>
            <tr>
              <th>Browser</th>
              <th>Since</th>
              <th>Last used</th>
              <th>Ending it</th>
            </tr>
          </thead>
          <tbody>
            {sessions.map((one) => (
              <tr key={one.id}>
                <td>{one.browser || 'a browser that does not say what it is'}</td>
                <td>{momentWords(one.since, zone)}</td>
                <td>{one.isThis ? 'now' : momentWords(one.lastSeen, zone)}</td>
                <td>
                  {one.isThis ? (
                    <Quiet>this one: “Sign out” above</Quiet>
                  ) : (
                    <Button
                      look="plain"
                      isPending={isSending}
                      aria-label={`Sign out ${one.browser}, since ${momentWords(one.since, zone)}`}
                      onPress={() =>
                        send(
                          () => endSession(one.id),
                          () => undefined,
                        )
                      }
                    >
                      Sign out there
                    </Button>
                  )}
                </td>
              </tr>
            ))}
          </tbody>
        </Table>
      </div>
    </Section>
  );
}
