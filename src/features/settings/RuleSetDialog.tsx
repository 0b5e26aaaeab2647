'use client';

import type { PointsRules, RuleSet } from '@/core/scoring';
import { FormMessage } from '@/forms/FormMessage';
import { useDraft, useSending } from '@/forms/useSending';
import { removeRuleSet, saveRuleSet } from '@/server/settings/ruleSetActions';
import { Fields, Row, Stack } from '@/ui/layout/Page';
import { Button, Checkbox, Choice, Dialog, Select, TextField } from '@/ui/primitives';
import { fieldsOf, inputOf, penaltyLabels, pointLabels, type RuleSetFields } from './ruleSetFields';

type Penalty = PointsRules['penalties'][number];
const penaltyOptions = (Object.keys(penaltyLabels) as Penalty[]).map((value) => ({
  value,
  label: penaltyLabels[value],
}));

/** The rules as a form. What is typed stays until it is kept or left. */
export function RuleSetDialog({
  ruleSet,
  version,
  rounds,
  onClose,
}: {
  readonly ruleSet: RuleSet;
  readonly version?: number;
  readonly rounds: number;
  readonly onClose: () => void;
}) {
  const { fields, set } = useDraft<RuleSetFields>(() => fieldsOf(ruleSet));
  const { messages, isSending, send } = useSending();
  const number = (label: string, value: string, onChange: (text: string) => void, path: string, unit?: string) => (
    <TextField
      key={path}
      {...{ label, value, onChange, unit }}
      inputMode="decimal"
      problem={messages[path] && numberProblem(messages[path])}
    />
  );
  const setPenalty = (at: number, penalty: Penalty) =>
    set({ penalties: fields.penalties.map((one, index) => (index === at ? penalty : one)) });
  return (
    <Dialog title={version === undefined ? 'Rules of your own' : ruleSet.name} isOpen onClose={onClose}>
      <Stack>
        <TextField label="Name" value={fields.name} onChange={(name) => set({ name })} problem={messages.name} />
        <Choice
          label="Played"
          value={fields.uniform}
          onChange={(uniform) => set({ uniform })}
          options={[
            { value: 'gi', label: 'in the gi' },
            { value: 'no-gi', label: 'without' },
            { value: 'both', label: 'either' },
          ]}
        />
        <Checkbox isSelected={fields.hasPoints} onChange={(hasPoints) => set({ hasPoints })}>
          Points are given
        </Checkbox>
        {fields.hasPoints ? (
          <>
            <Fields>
              {(Object.keys(pointLabels) as (keyof PointsRules['points'])[]).map((what) =>
                number(
                  pointLabels[what],
                  fields.points[what],
                  (text) => set({ points: { ...fields.points, [what]: text } }),
                  `points.points.${what}`,
                ),
              )}
            </Fields>
            <Fields>
              {number('To be held', fields.hold, (hold) => set({ hold }), 'points.holdSeconds', 's')}
              {number(
                'Nothing counts in the first',
                fields.pointlessPercent,
                (pointlessPercent) => set({ pointlessPercent }),
                'points.pointlessRatio',
                '%',
              )}
              {number(
                'Takedown or sweep past the guard',
                fields.pastGuard,
                (pastGuard) => set({ pastGuard }),
                'points.pastGuardPoints',
              )}
              {number('Pulled guard', fields.guardPull, (guardPull) => set({ guardPull }), 'points.guardPullPoints')}
            </Fields>
            <Checkbox
              isSelected={fields.bodyTriangleCounts}
              onChange={(bodyTriangleCounts) => set({ bodyTriangleCounts })}
            >
              A body triangle counts as hooks
            </Checkbox>
            <Row>
              {fields.penalties.map((penalty, at) => (
                <Select
                  key={at}
                  label={`Penalty ${at + 1}`}
                  value={penalty}
                  onChange={(next) => setPenalty(at, next)}
                  options={penaltyOptions}
                />
              ))}
              <Button
                isDisabled={fields.penalties.length >= 6}
                onPress={() => set({ penalties: [...fields.penalties, 'two-points'] })}
              >
                One step more
              </Button>
              <Button
                isDisabled={fields.penalties.length === 0}
                onPress={() => set({ penalties: fields.penalties.slice(0, -1) })}
              >
                One less
              </Button>
            </Row>
          </>
        ) : null}
        <Checkbox isSelected={fields.hasOvertime} onChange={(hasOvertime) => set({ hasOvertime })}>
          Overtime by escape time
        </Checkbox>
        {fields.hasOvertime ? (
          <Fields>
            {number('Turns each', fields.turnsEach, (turnsEach) => set({ turnsEach }), 'overtime.turnsEach')}
            {number(
              'A turn lasts',
              fields.turnSeconds,
              (turnSeconds) => set({ turnSeconds }),
              'overtime.turnSeconds',
              's',
            )}
            {number(
              'Times are level within',
              fields.equalWithin,
              (equalWithin) => set({ equalWithin }),
              'overtime.equalWithinSeconds',
              's',
            )}
          </Fields>
        ) : null}
        <FormMessage messages={messages} />
        <Row>
          <Button
            look="lead"
            isPending={isSending}
            onPress={() => send(() => saveRuleSet(inputOf(fields), version), onClose)}
          >
            Keep these rules
          </Button>
          {version !== undefined ? (
            <Button
              look="harm"
              isDisabled={rounds > 0}
              isPending={isSending}
              onPress={() => send(() => removeRuleSet(ruleSet.id), onClose)}
            >
              Take them away
            </Button>
          ) : null}
          <Button look="plain" onPress={onClose}>
            Cancel
          </Button>
        </Row>
      </Stack>
    </Dialog>
  );
}

/** The check's own words where it has them; an empty or unreadable field is asked for plainly. */
const numberProblem = (message: string): string => (/^Invalid|expected/i.test(message) ? 'Write a number.' : message);
