'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { styled } from 'styled-components';
import { type Consent, type ConsentPurpose, consentPurposes, holdsOn, sharingProblem } from '@/core/consent';
import { DayField } from '@/forms/DayField';
import { localToday } from '@/forms/dayOrder';
import { FormMessage } from '@/forms/FormMessage';
import { useNewId } from '@/forms/useNewId';
import { useDraft, useSending } from '@/forms/useSending';
import { recordConsent, withdrawRecordedConsent } from '@/server/people/consentActions';
import { dayWords } from '@/terms/dayWords';
import { Fields, Notice, Quiet, Row, Stack } from '@/ui/layout/Page';
import { Button, Checkbox, ConfirmDialog, Dialog, TextField } from '@/ui/primitives';
import { color, space } from '@/ui/tokens/tokens';

export interface ConsentLine extends Consent {
  readonly id: string;
  readonly givenBy: string;
  readonly note: string;
  readonly recordedByName?: string;
}

const purposeWords: Readonly<Record<ConsentPurpose, string>> = {
  film: 'being filmed',
  show: 'being shown to others',
  name: 'being named there',
};

const List = styled.ul`
  list-style: none; margin: 0; padding: 0;
  li { display: flex; gap: ${space(3)}; align-items: baseline; justify-content: space-between; border-bottom: 1px solid ${color.rule}; padding: ${space(1.5)} 0; }
  li[data-over] { color: ${color.quiet}; }
`;

export interface ConsentsProps {
  readonly person: { readonly id: string; readonly name: string; readonly age?: number };
  readonly childBelt: boolean;
  readonly consents: readonly ConsentLine[];
  readonly day: string;
}

/** Who agreed to filming, showing and naming, when, and until when; recorded and withdrawn here. */
export function Consents({ person, childBelt, consents, day }: ConsentsProps) {
  const router = useRouter();
  const [recording, setRecording] = useState(false);
  const [ending, setEnding] = useState<ConsentLine>();
  const { messages, send } = useSending();
  const isMinor = person.age === undefined ? childBelt : person.age < 18;
  const problem = sharingProblem({ age: person.age, childBelt, consents }, day);
  return (
    <Stack $gap={3}>
      {problem ? <Notice data-tone="caution">{standingWords[problem](person.name)}</Notice> : null}
      <FormMessage messages={messages} />
      {consents.length === 0 ? (
        <p>{isMinor ? 'No guardian’s consent is recorded.' : 'Nothing is recorded.'}</p>
      ) : (
        <List aria-label="Consents">
          {consents.map((one) => {
            const holds = holdsOn(one, day);
            return (
              <li key={one.id} data-over={holds ? undefined : true}>
                <span>
                  {purposeWords[one.purpose]}: {one.givenBy}
                  {one.byGuardian ? ', guardian' : ''}, {dayWords(one.givenOn)}
                  {one.untilDay ? `, until ${dayWords(one.untilDay)}` : ''}
                  {one.withdrawnOn ? `, withdrawn ${dayWords(one.withdrawnOn)}` : ''}
                  {one.note ? ` · ${one.note}` : ''}{' '}
                  <Quiet>{one.recordedByName ? `recorded by ${one.recordedByName}` : ''}</Quiet>
                </span>
                {holds ? (
                  <Button look="plain" onPress={() => setEnding(one)}>
                    Withdraw
                  </Button>
                ) : null}
              </li>
            );
          })}
        </List>
      )}
      <Row>
        <Button onPress={() => setRecording(true)}>Record a consent</Button>
      </Row>
      <Quiet>What local law and the academy’s own rules ask for comes first.</Quiet>
      {recording ? <ConsentDialog person={person} isMinor={isMinor} onClose={() => setRecording(false)} /> : null}
      <ConfirmDialog
        title="Withdraw this consent?"
        text={
          ending?.purpose === 'name'
            ? `${person.name} is not named to others from now on.`
            : `Every link to footage with ${person.name} closes at once, a film that plays ends, and nothing with them is shared until they agree anew.`
        }
        confirm="Withdraw it"
        isOpen={ending !== undefined}
        onClose={() => setEnding(undefined)}
        onConfirm={() =>
          ending &&
          send(
            () => withdrawRecordedConsent(ending.id),
            () => router.refresh(),
          )
        }
      />
    </Stack>
  );
}

const standingWords = {
  withdrawn: (name: string) => `${name} withdrew their consent: footage with them is shared with nobody.`,
  ended: (name: string) =>
    `The consent of ${name} has ended: footage with them is shared with nobody until it is given anew.`,
  'guardian-missing': (name: string) =>
    `${name} is a minor: nothing with them is shared before a guardian’s consent to showing is recorded.`,
};

function ConsentDialog({
  person,
  isMinor,
  onClose,
}: {
  readonly person: { readonly id: string; readonly name: string };
  readonly isMinor: boolean;
  readonly onClose: () => void;
}) {
  const router = useRouter();
  const ids = [useNewId(), useNewId(), useNewId()];
  const { fields, set } = useDraft(() => ({
    ...{ purposes: ['film', 'show'] as ConsentPurpose[], givenBy: isMinor ? '' : person.name, byGuardian: isMinor },
    ...{ givenOn: localToday(), untilDay: '', note: '' },
  }));
  const { messages, isSending, send } = useSending();
  const toggle = (purpose: ConsentPurpose, isIn: boolean) =>
    set({
      purposes: consentPurposes.filter((one) => (one === purpose ? isIn : fields.purposes.includes(one))),
    });
  const save = () =>
    send(
      () =>
        recordConsent(
          { personId: person.id, ...fields },
          ids.map((one) => one.id()),
        ),
      () => {
        router.refresh();
        onClose();
      },
    );
  return (
    <Dialog title={`Consent of ${person.name}`} isOpen onClose={onClose}>
      <FormMessage messages={messages} />
      <Row>
        {consentPurposes.map((purpose) => (
          <Checkbox
            key={purpose}
            isSelected={fields.purposes.includes(purpose)}
            onChange={(isIn) => toggle(purpose, isIn)}
          >
            {purposeWords[purpose]}
          </Checkbox>
        ))}
      </Row>
      {messages.purposes ? <Notice role="alert">{messages.purposes}</Notice> : null}
      <TextField
        label="Who agreed"
        hint="the name of the one who said or signed it"
        value={fields.givenBy}
        onChange={(givenBy) => set({ givenBy })}
        problem={messages.givenBy}
      />
      <Checkbox isSelected={fields.byGuardian} onChange={(byGuardian) => set({ byGuardian })}>
        As a guardian, for {person.name}
      </Checkbox>
      <Fields>
        <DayField
          label="On"
          value={fields.givenOn}
          onChange={(givenOn) => set({ givenOn })}
          problem={messages.givenOn}
        />
        <DayField
          label="Until"
          hint="empty: until withdrawn"
          value={fields.untilDay}
          onChange={(untilDay) => set({ untilDay })}
          problem={messages.untilDay}
        />
      </Fields>
      <TextField
        label="Note"
        hint="where the paper lies, what it is limited to"
        value={fields.note}
        onChange={(note) => set({ note })}
        problem={messages.note}
      />
      <div className="buttons">
        <Button onPress={onClose}>Leave as it was</Button>
        <Button look="lead" onPress={save} isPending={isSending}>
          {isSending ? 'Recording …' : 'Record it'}
        </Button>
      </div>
    </Dialog>
  );
}
