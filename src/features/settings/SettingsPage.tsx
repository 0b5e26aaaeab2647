'use client';

import Link from 'next/link';
import { useState, useTransition } from 'react';
import { type WeightUnit, weightUnitNames, weightUnits } from '@/core/kernel';
import { saveSettings } from '@/server/settings/settingsActions';
import { Fields, Notice, Page, Quiet, Row, Section, Stack } from '@/ui/layout/Page';
import { Button, Checkbox, Choice, TextField } from '@/ui/primitives';
import { CoachesSection, type CoachLine, PasswordSection } from './CoachesSection';
import { ReactionDialog } from './ReactionDialog';

export interface SettingsPageProps {
  readonly academy: { readonly name: string; readonly liveWeightGapRatio: number; readonly minorsWithAdults: boolean };
  readonly coach: { readonly role: string; readonly reactionLeadSeconds: number; readonly weightUnit: WeightUnit };
  readonly coaches: readonly CoachLine[];
}

export function SettingsPage({ academy, coach, coaches }: SettingsPageProps) {
  const isHead = coach.role === 'head';
  const [name, setName] = useState(academy.name);
  const [gap, setGap] = useState(String(Math.round(academy.liveWeightGapRatio * 100)));
  const [minors, setMinors] = useState(academy.minorsWithAdults);
  const [lead, setLead] = useState(String(Number(coach.reactionLeadSeconds.toFixed(2))));
  const [unit, setUnit] = useState(coach.weightUnit);
  const [messages, setMessages] = useState<Readonly<Record<string, string>>>({});
  const [measuring, setMeasuring] = useState(false);
  const [saving, startSaving] = useTransition();
  const read = (text: string) => Number(text.replace(',', '.'));
  const save = (measuredLead?: number) =>
    startSaving(async () => {
      const answer = await saveSettings({
        academyName: name,
        liveWeightGapPercent: read(gap),
        minorsWithAdults: minors,
        reactionLeadSeconds: measuredLead ?? read(lead),
        weightUnit: unit,
      }).catch(() => undefined);
      if (!answer) setMessages({ '': 'The server could not be reached. Try again in a moment.' });
      else setMessages(answer.ok ? { saved: 'Saved.' } : answer.messages);
    });
  return (
    <Page title="Settings" aside="Your own habits, the academy’s limits, and who may sign in.">
      <Section>
        <h2>Yours</h2>
        <div className="note">The reaction lead is taken off the moment of a key press while the footage plays.</div>
        <div className="matter">
          <Stack>
            <Choice
              label="Weights in"
              value={unit}
              onChange={setUnit}
              options={weightUnits.map((value) => ({ value, label: weightUnitNames[value] }))}
            />
            <Fields>
              <TextField
                label="Reaction lead"
                unit="s"
                inputMode="decimal"
                value={lead}
                onChange={setLead}
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
              value={name}
              onChange={setName}
              isDisabled={!isHead}
              problem={messages.academyName}
            />
            <Fields>
              <TextField
                label="Largest weight gap in live work"
                unit="% of the lighter"
                inputMode="decimal"
                value={gap}
                onChange={setGap}
                isDisabled={!isHead}
                problem={messages.liveWeightGapPercent}
              />
            </Fields>
            <Checkbox isSelected={minors} onChange={setMinors} isDisabled={!isHead}>
              Minors may be paired with adults
            </Checkbox>
            <Notice data-tone="caution">
              Minors with adults only where the academy allows it and a guardian agreed: no live submissions, and the
              adult goes slower.
            </Notice>
          </Stack>
        </div>
      </Section>
      <Row>
        <Button look="lead" onPress={() => save()} isPending={saving}>
          {saving ? 'Saving …' : 'Save settings'}
        </Button>
        {messages.saved ? <Quiet role="status">{messages.saved}</Quiet> : null}
        {messages[''] ? <Notice role="alert">{messages['']}</Notice> : null}
      </Row>
      <Section>
        <h2>Rules</h2>
        <div className="note">How rounds are scored, and how overtime is counted.</div>
        <div className="matter">
          <Link href="/settings/rules">Rules and your own copies of them</Link>
        </div>
      </Section>
      <PasswordSection />
      <CoachesSection coaches={coaches} isHead={isHead} />
      {measuring ? (
        <ReactionDialog
          onMeasured={(seconds) => {
            setLead(String(seconds));
            setMeasuring(false);
            save(seconds);
          }}
          onClose={() => setMeasuring(false)}
        />
      ) : null}
    </Page>
  );
}
