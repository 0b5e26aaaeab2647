'use client';

import Link from 'next/link';
import { useState } from 'react';
import { type WeightUnit, weightUnitNames, weightUnits } from '@/core/kernel';
import { FormMessage } from '@/forms/FormMessage';
import { useDraft, useSending } from '@/forms/useSending';
import { ZoneField } from '@/forms/ZoneField';
import { saveSettings } from '@/server/settings/settingsActions';
import { Fields, Notice, Page, Quiet, Row, Section, Stack } from '@/ui/layout/Page';
import { Button, Checkbox, Choice, TextField } from '@/ui/primitives';
import { type BackupLine, BackupSection } from './BackupSection';
import { CoachesSection, type CoachLine, PasswordSection } from './CoachesSection';
import { CodesSection, type CodesState } from './CodesSection';
import { type ErasureLine, ErasuresSection } from './ErasuresSection';
import { type FilmsElsewhereLine, FilmsSection } from './FilmsSection';
import { ReactionDialog } from './ReactionDialog';
import { type SessionLine, SessionsSection } from './SessionsSection';
import { type TrashLine, TrashSection } from './TrashSection';

export interface SettingsPageProps {
  readonly academy: {
    readonly name: string;
    readonly liveWeightGapRatio: number;
    readonly minorsWithAdults: boolean;
    readonly studentPages: boolean;
    readonly timeZone: string;
  };
  readonly coach: { readonly role: string; readonly reactionLeadSeconds: number; readonly weightUnit: WeightUnit };
  readonly coaches: readonly CoachLine[];
  readonly sessions: readonly SessionLine[];
  readonly codes: CodesState;
  readonly filmsElsewhere?: FilmsElsewhereLine;
  readonly endedAccounts?: readonly { readonly id: string; readonly displayName: string; readonly endedAt: string }[];
  readonly trash: readonly TrashLine[];
  readonly erasures?: readonly ErasureLine[];
  readonly backups?: BackupLine;
}

const fieldsOf = (academy: SettingsPageProps['academy'], coach: SettingsPageProps['coach']) => ({
  academyName: academy.name,
  gap: String(Math.round(academy.liveWeightGapRatio * 100)),
  minorsWithAdults: academy.minorsWithAdults,
  studentPages: academy.studentPages,
  timeZone: academy.timeZone,
  lead: String(Number(coach.reactionLeadSeconds.toFixed(2))),
  weightUnit: coach.weightUnit,
});

const readNumber = (text: string): number => (text.trim() === '' ? Number.NaN : Number(text.replace(',', '.')));

const inputOf = ({ gap, lead, ...rest }: ReturnType<typeof fieldsOf>) => ({
  ...rest,
  liveWeightGapPercent: readNumber(gap),
  reactionLeadSeconds: readNumber(lead),
});

export function SettingsPage({
  academy,
  coach,
  coaches,
  sessions,
  codes,
  endedAccounts,
  filmsElsewhere,
  trash,
  erasures,
  backups,
}: SettingsPageProps) {
  const isHead = coach.role === 'head';
  const { fields, set } = useDraft(() => fieldsOf(academy, coach));
  const { messages, isSending, send } = useSending();
  const [isSaved, setSaved] = useState(false);
  const [measuring, setMeasuring] = useState(false);
  const change: typeof set = (patch) => {
    setSaved(false);
    set(patch);
  };
  const save = (measuredLead?: number) =>
    send(
      () =>
        saveSettings({
          ...inputOf(fields),
          ...(measuredLead === undefined ? {} : { reactionLeadSeconds: measuredLead }),
        }),
      () => setSaved(true),
    );
  return (
    <Page title="Settings" aside="Your own habits, the academy’s limits, and who may sign in.">
      <Section>
        <h2>Yours</h2>
        <div className="note">The reaction lead is taken off the moment of a key press while the footage plays.</div>
        <div className="matter">
          <Stack>
            <Choice
              label="Weights in"
              value={fields.weightUnit}
              onChange={(weightUnit) => change({ weightUnit })}
              options={weightUnits.map((value) => ({ value, label: weightUnitNames[value] }))}
            />
            <Fields>
              <TextField
                label="Reaction lead"
                unit="s"
                inputMode="decimal"
                value={fields.lead}
                onChange={(lead) => change({ lead })}
                problem={messages.reactionLeadSeconds}
              />
            </Fields>
            <Row>
              <Button onPress={() => setMeasuring(true)}>Measure it</Button>
              <Quiet>Ten touches, half a minute.</Quiet>
            </Row>
          </Stack>
        </div>
      </Section>
      <Section>
        <h2>The academy</h2>
        <div className="note">{isHead ? 'Plans keep to these limits.' : 'Only the head coach can change these.'}</div>
        <div className="matter">
          <Stack>
            <TextField
              label="Name"
              value={fields.academyName}
              onChange={(academyName) => change({ academyName })}
              isDisabled={!isHead}
              problem={messages.academyName}
            />
            <Fields>
              <TextField
                label="Largest weight gap in live work"
                unit="% of the lighter"
                inputMode="decimal"
                value={fields.gap}
                onChange={(gap) => change({ gap })}
                isDisabled={!isHead}
                problem={messages.liveWeightGapPercent}
              />
              <ZoneField
                value={fields.timeZone}
                onChange={(timeZone) => change({ timeZone })}
                isDisabled={!isHead}
                problem={messages.timeZone}
              />
            </Fields>
            <Checkbox
              isSelected={fields.minorsWithAdults}
              onChange={(minorsWithAdults) => change({ minorsWithAdults })}
              isDisabled={!isHead}
            >
              Minors may be paired with adults
            </Checkbox>
            <Notice data-tone="caution">
              Minors with adults only where the academy allows it and a guardian agreed: no live submissions, and the
              adult goes slower.
            </Notice>
            <Checkbox
              isSelected={fields.studentPages}
              onChange={(studentPages) => change({ studentPages })}
              isDisabled={!isHead}
            >
              Students may have a page of their own, behind a link
            </Checkbox>
          </Stack>
        </div>
      </Section>
      <Row>
        <Button look="lead" onPress={() => save()} isPending={isSending}>
          {isSending ? 'Saving …' : 'Save settings'}
        </Button>
        {isSaved ? <Quiet role="status">Saved.</Quiet> : null}
        <FormMessage messages={messages} />
      </Row>
      <Section>
        <h2>Rules</h2>
        <div className="note">How rounds are scored, and how overtime is counted.</div>
        <div className="matter">
          <Link href="/settings/rules">Rules and your own copies of them</Link>
        </div>
      </Section>
      <Section>
        <h2>Classes</h2>
        <div className="note">Minutes, shares, days and weights that plans are made with.</div>
        <div className="matter">
          <Link href="/settings/planning">How classes are planned, number by number</Link>
        </div>
      </Section>
      <Section>
        <h2>Outbox</h2>
        <div className="note">Messages to students: new reviews, homework, questions.</div>
        <div className="matter">
          <Link href="/settings/outbox">What was written, and whether it was sent</Link>
        </div>
      </Section>
      {isHead ? (
        <Section>
          <h2>Taken along</h2>
          <div className="note">Everything as one file, and packages from elsewhere.</div>
          <div className="matter">
            <Link href="/settings/exchange">Make a package, or bring one in</Link>
          </div>
        </Section>
      ) : null}
      {isHead ? (
        <Section>
          <h2>Who did what</h2>
          <div className="note">Signing in, sharing, taking along, deleting, erasing.</div>
          <div className="matter">
            <Link href="/settings/record">The record</Link>
          </div>
        </Section>
      ) : null}
      {backups ? <BackupSection first={backups} /> : null}
      {filmsElsewhere ? <FilmsSection {...filmsElsewhere} /> : null}
      <TrashSection trash={trash} />
      {erasures ? <ErasuresSection erasures={erasures} /> : null}
      <PasswordSection />
      <CodesSection {...codes} />
      <SessionsSection sessions={sessions} />
      <CoachesSection coaches={coaches} isHead={isHead} ended={endedAccounts} />
      {measuring ? (
        <ReactionDialog
          onMeasured={(seconds) => {
            change({ lead: String(seconds) });
            setMeasuring(false);
            save(seconds);
          }}
          onClose={() => setMeasuring(false)}
        />
      ) : null}
    </Page>
  );
}
