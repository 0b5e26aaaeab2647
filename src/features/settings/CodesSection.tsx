'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { styled } from 'styled-components';
import { useSending } from '@/forms/useSending';
import { beginCodes, turnCodesOff, turnCodesOn } from '@/server/accounts/codeActions';
import { Fields, Notice, Quiet, Row, Section, Stack } from '@/ui/layout/Page';
import { Button, TextField } from '@/ui/primitives';
import { color, space } from '@/ui/tokens/tokens';

export interface CodesState {
  readonly isOn: boolean;
  /** Recovery codes that were not used yet. */
  readonly recoveryLeft: number;
}

const Recovery = styled.ul`
  list-style: none; margin: 0; padding: ${space(3)} ${space(4)}; columns: 2; width: fit-content; column-gap: ${space(10)}; border: 1px solid ${color.rule}; background: ${color.raised};
  li { font-variant-numeric: tabular-nums; letter-spacing: 0.06em; line-height: 1.9; }
`;

/** One-time codes beside the password: set up with an authenticator, switched off by the password. */
export function CodesSection({ isOn, recoveryLeft }: CodesState) {
  const [recovery, setRecovery] = useState<readonly string[]>();
  const router = useRouter();
  return (
    <Section>
      <h2>One-time codes</h2>
      <div className="note">
        Beside the password the door asks for six digits that an authenticator on your phone shows. Who learns your
        password does not get in with it.
      </div>
      <div className="matter">
        {recovery ? (
          <Stack>
            <Notice data-tone="calm" role="status">
              Codes are on. Write these down and keep them where your phone is not: each opens once, when the phone is
              lost. They are shown only now.
            </Notice>
            <Recovery aria-label="Recovery codes">
              {recovery.map((one) => (
                <li key={one}>{one}</li>
              ))}
            </Recovery>
            <Row>
              <Button
                onPress={() => {
                  setRecovery(undefined);
                  router.refresh();
                }}
              >
                I have written them down
              </Button>
            </Row>
          </Stack>
        ) : isOn ? (
          <SwitchOff recoveryLeft={recoveryLeft} />
        ) : (
          <SetUp onOn={setRecovery} />
        )}
      </div>
    </Section>
  );
}

function SetUp({ onOn }: { readonly onOn: (recovery: readonly string[]) => void }) {
  const [shown, setShown] = useState<{ readonly qr: string; readonly typed: string }>();
  const [code, setCode] = useState('');
  const { messages, isSending, send } = useSending();
  const problem = messages[''];
  if (!shown)
    return (
      <Stack>
        {problem ? <Notice role="alert">{problem}</Notice> : null}
        <Row>
          <Button isPending={isSending} onPress={() => send(() => beginCodes(), setShown)}>
            Set codes up
          </Button>
        </Row>
      </Stack>
    );
  return (
    <Stack>
      <p>Let your authenticator read this picture, then write the code that it shows.</p>
      {/* biome-ignore lint/performance/noImgElement: drawn from the secret itself, there is nothing to load */}
      <img
        width={180}
        height={180}
        style={{ background: '#fff' }}
        alt="The secret, for an authenticator’s camera"
        src={`data:image/svg+xml,${encodeURIComponent(shown.qr)}`}
      />
      <Quiet>Without a camera, type: {shown.typed}</Quiet>
      <Fields>
        <TextField
          label="Code"
          value={code}
          onChange={setCode}
          maxLength={40}
          autoComplete="one-time-code"
          problem={messages.code}
        />
      </Fields>
      {problem ? <Notice role="alert">{problem}</Notice> : null}
      <Row>
        <Button
          look="lead"
          isPending={isSending}
          onPress={() =>
            send(
              () => turnCodesOn(code),
              ({ recovery }) => onOn(recovery),
            )
          }
        >
          Switch codes on
        </Button>
        <Button look="plain" onPress={() => setShown(undefined)}>
          Not now
        </Button>
      </Row>
    </Stack>
  );
}

function SwitchOff({ recoveryLeft }: { readonly recoveryLeft: number }) {
  const router = useRouter();
  const [password, setPassword] = useState('');
  const { messages, isSending, send } = useSending();
  return (
    <Stack>
      <p>
        Codes are on. {recoveryLeft === 1 ? 'One recovery code is' : `${recoveryLeft} recovery codes are`} left; to get
        new ones, switch codes off and set them up again.
      </p>
      <Fields>
        <TextField
          label="Your password"
          type="password"
          autoComplete="current-password"
          value={password}
          onChange={setPassword}
          problem={messages.password}
        />
      </Fields>
      {messages[''] ? <Notice role="alert">{messages['']}</Notice> : null}
      <Row>
        <Button
          isPending={isSending}
          onPress={() =>
            send(
              () => turnCodesOff(password),
              () => router.refresh(),
            )
          }
        >
          Switch codes off
        </Button>
      </Row>
    </Stack>
  );
}
