'use client';

import { useRouter } from 'next/navigation';
import {
  type BodyPart,
  belts,
  beltWords,
  bodyParts,
  type Drill,
  type DrillStage,
  drillStages,
  listConceptIds,
} from '@/core/vocabulary';
import { AddByName } from '@/forms/AddByName';
import { FormMessages } from '@/forms/FormMessage';
import { useDraft, useSending } from '@/forms/useSending';
import { saveCourse } from '@/server/language/houseActions';
import { phaseTitles } from '@/terms/drillWords';
import { useHouse, useWordOf } from '@/terms/HouseContext';
import { Quiet, Row } from '@/ui/layout/Page';
import { Button, Checkbox, Choice, Dialog, Select, TextArea, TextField } from '@/ui/primitives';
import { type CourseDraft, courseOf, draftOf } from './ownCourseDraft';

export interface OwnDrillDialogProps {
  readonly drill: Drill;
  readonly isOpen: boolean;
  readonly onClose: () => void;
}

type Fields = { readonly fields: CourseDraft; readonly set: (patch: Partial<CourseDraft>) => void };
type Problems = { readonly messages: Readonly<Record<string, string>> };

/** How a drill of the academy's own is run: all that a plan, a class sheet and the mat-side page say of it. */
export function OwnDrillDialog({ drill, isOpen, onClose }: OwnDrillDialogProps) {
  const router = useRouter();
  const { fields, set } = useDraft(() => draftOf(drill));
  const { messages, isSending, send } = useSending();
  const save = () =>
    send(
      () => saveCourse(drill.id, fields.start, courseOf(fields)),
      () => {
        onClose();
        router.refresh();
      },
    );
  return (
    <Dialog title={`How ${drill.name} runs here`} isOpen={isOpen} onClose={onClose} wide>
      <FormMessages messages={messages} lead="Not kept yet" />
      <TextField label="How it starts" value={fields.start} onChange={(start) => set({ start })} />
      <TextField
        label="What to say while it runs"
        value={fields.cue}
        onChange={(cue) => set({ cue })}
        problem={messages.cue}
      />
      <TextArea
        label="Ways on, one a line: what they do, a colon, what to answer"
        rows={3}
        value={fields.branches}
        onChange={(branches) => set({ branches })}
        problem={Object.entries(messages).find(([field]) => field.startsWith('branches'))?.[1]}
      />
      <Errors fields={fields} set={set} problem={messages.targetErrorIds} />
      <Row style={{ alignItems: 'flex-end' }}>
        <TextField
          label="At least"
          unit="min"
          inputMode="numeric"
          value={fields.leastMinutes}
          onChange={(leastMinutes) => set({ leastMinutes })}
          problem={messages.leastMinutes}
        />
        <TextField
          label="At most"
          unit="min"
          inputMode="numeric"
          value={fields.mostMinutes}
          onChange={(mostMinutes) => set({ mostMinutes })}
          problem={messages.mostMinutes}
        />
        <Checkbox isSelected={fields.sided} onChange={(sided) => set({ sided })}>
          Both sides
        </Checkbox>
      </Row>
      <Parts fields={fields} set={set} messages={messages} />
      <WhoMay drill={drill} fields={fields} set={set} problem={messages.needs} />
      <TextField
        label="What the partner does"
        value={fields.counterpart}
        onChange={(counterpart) => set({ counterpart })}
      />
      <TextField label="Made easier" value={fields.easier} onChange={(easier) => set({ easier })} />
      <TextField label="Made harder" value={fields.harder} onChange={(harder) => set({ harder })} />
      <TextField
        label="What is not allowed in it"
        value={fields.constraint}
        onChange={(constraint) => set({ constraint })}
      />
      <Game fields={fields} set={set} messages={messages} />
      <div className="buttons">
        <Button onPress={onClose}>Leave it</Button>
        <Button look="lead" onPress={save} isPending={isSending}>
          {isSending ? 'Saving …' : 'Save'}
        </Button>
      </div>
    </Dialog>
  );
}

/** How its minutes are parted; empty fields leave that to the academy's usual parts. */
function Parts({ fields, set, messages }: Fields & Problems) {
  return (
    <>
      <Row role="group" aria-label="Parts of its minutes" style={{ alignItems: 'flex-end' }}>
        {drillStages.map((stage) => (
          <TextField
            key={stage}
            label={partTitle[stage]}
            unit="parts"
            inputMode="numeric"
            value={fields.parts[stage]}
            onChange={(text) => set({ parts: { ...fields.parts, [stage]: text } })}
            problem={messages[`parts.${stage}`]}
          />
        ))}
      </Row>
      <Quiet>How its minutes are parted. Empty: as the academy usually does.</Quiet>
    </>
  );
}
const partTitle: Readonly<Record<DrillStage, string>> = {
  static: phaseTitles.shown,
  cooperative: phaseTitles.technique,
  progressive: phaseTitles.progressive,
  live: phaseTitles.positional,
};

interface ChosenProps {
  readonly ids: readonly string[];
  readonly onTakeOut: (id: string) => void;
}

function Chosen({ ids, onTakeOut }: ChosenProps) {
  const wordOf = useWordOf();
  if (ids.length === 0) return null;
  return (
    <Row>
      {ids.map((id) => (
        <Button key={id} aria-label={`Take ${wordOf(id)} out`} onPress={() => onTakeOut(id)}>
          {wordOf(id)} ×
        </Button>
      ))}
    </Row>
  );
}

function useOptions(kind: 'error' | 'drill', without: readonly string[]) {
  const house = useHouse();
  const wordOf = useWordOf();
  return listConceptIds(house, kind)
    .filter((id) => !without.includes(id))
    .map((id) => ({ id, name: wordOf(id) }));
}

function Errors({ fields, set, problem }: Fields & { readonly problem?: string }) {
  const { targetErrorIds } = fields;
  const options = useOptions('error', targetErrorIds);
  return (
    <>
      <AddByName
        label="Errors that it answers"
        options={options}
        onChoose={(id) => set({ targetErrorIds: [...targetErrorIds, id] })}
      />
      <Chosen
        ids={targetErrorIds}
        onTakeOut={(id) => set({ targetErrorIds: targetErrorIds.filter((one) => one !== id) })}
      />
      {problem ? <Quiet role="alert">{problem}</Quiet> : null}
    </>
  );
}

function WhoMay({ drill, fields, set, problem }: Fields & { readonly drill: Drill; readonly problem?: string }) {
  const { needs, loads } = fields;
  const options = useOptions('drill', [...needs, drill.id]);
  const toggle = (joint: BodyPart, isLoaded: boolean) =>
    set({ loads: isLoaded ? [...loads, joint] : loads.filter((one) => one !== joint) });
  return (
    <>
      <Row style={{ alignItems: 'flex-end' }}>
        <Select
          label="From"
          value={fields.lowestBelt}
          onChange={(lowestBelt) => set({ lowestBelt })}
          options={belts.map((belt) => ({ value: belt, label: beltWords(belt, 0) }))}
        />
        <Checkbox isSelected={fields.under16} onChange={(under16) => set({ under16 })}>
          Under 16 too
        </Checkbox>
      </Row>
      <Row role="group" aria-label="Joints that it loads">
        <Quiet>Loads:</Quiet>
        {bodyParts.map((joint) => (
          <Checkbox key={joint} isSelected={loads.includes(joint)} onChange={(isLoaded) => toggle(joint, isLoaded)}>
            {joint}
          </Checkbox>
        ))}
      </Row>
      <Quiet>
        It stays at least as careful as the standard one: its joints, its lowest belt and its age hold here too.
      </Quiet>
      <AddByName label="To be known before" options={options} onChoose={(id) => set({ needs: [...needs, id] })} />
      <Chosen ids={needs} onTakeOut={(id) => set({ needs: needs.filter((one) => one !== id) })} />
      {problem ? <Quiet role="alert">{problem}</Quiet> : null}
    </>
  );
}

function Game({ fields, set, messages }: Fields & Problems) {
  const { game } = fields;
  const setGame = (patch: Partial<CourseDraft['game']>) => set({ game: { ...game, ...patch } });
  return (
    <>
      <Checkbox isSelected={fields.isPlayed} onChange={(isPlayed) => set({ isPlayed })}>
        Its last part is played for real
      </Checkbox>
      {fields.isPlayed ? (
        <>
          <TextField
            label="It begins with"
            value={game.start}
            onChange={(start) => setGame({ start })}
            problem={messages['game.start']}
          />
          <TextField
            label="The learner wins with"
            value={game.learnerWins}
            onChange={(learnerWins) => setGame({ learnerWins })}
            problem={messages['game.learnerWins']}
          />
          <TextField
            label="The partner wins with"
            value={game.partnerWins}
            onChange={(partnerWins) => setGame({ partnerWins })}
            problem={messages['game.partnerWins']}
          />
          <TextField
            label="It starts again when"
            value={game.restart}
            onChange={(restart) => setGame({ restart })}
            problem={messages['game.restart']}
          />
          <Row style={{ alignItems: 'flex-end' }}>
            <TextField
              label="One game lasts"
              unit="s"
              inputMode="numeric"
              value={game.seconds}
              onChange={(seconds) => setGame({ seconds })}
              problem={messages['game.seconds']}
            />
            <Choice
              label="Who changes"
              value={game.change}
              onChange={(change) => setGame({ change })}
              options={[
                { value: 'winner-stays', label: 'the winner stays' },
                { value: 'bell', label: 'by the bell' },
              ]}
            />
          </Row>
        </>
      ) : null}
    </>
  );
}
