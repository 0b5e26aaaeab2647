'use client';

import { styled } from 'styled-components';
import { drillOf, drillsOf } from '@/core/vocabulary';
import { AddByName } from '@/forms/AddByName';
import { DayField } from '@/forms/DayField';
import { useHouse } from '@/terms/HouseContext';
import { Quiet, Row } from '@/ui/layout/Page';
import { Button, TextArea, TextField } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import { entryOf, type WorkPoint } from './closingReducer';
import { MomentsField } from './MomentsField';
import type { Moments } from './moments';

const Box = styled.fieldset`
  border: 0; border-left: 4px solid ${color.focus}; margin: 0; padding: 0 0 0 ${space(4)}; display: flex; flex-direction: column; gap: ${space(3)}; min-width: 0;
  legend { padding: 0; font-family: ${font.serif}; font-size: ${size.large}; }
  .pair { display: grid; grid-template-columns: 1fr 1fr; gap: ${space(4)}; }
  .homework { display: grid; grid-template-columns: minmax(0, 1fr) 160px; gap: ${space(4)}; }
`;

export interface PointEditorProps {
  readonly number: number;
  readonly last: boolean;
  readonly point: WorkPoint;
  readonly evidence: Moments;
  readonly onChange: (patch: Partial<WorkPoint>) => void;
  readonly onMove: (by: 1 | -1) => void;
  readonly onDrop: () => void;
}

/** One thing to work on: what, why, its moments, the cue, what to do in its place, an if-then, a drill, homework with a day. */
export function PointEditor({ number, last, point, evidence, onChange, onMove, onDrop }: PointEditorProps) {
  const title = point.title || 'In your own words';
  return (
    <Box>
      <legend>
        {number}. {title}
      </legend>
      {entryOf(point) ? null : (
        <TextField label="What it is about" value={point.title} onChange={(next) => onChange({ title: next })} />
      )}
      <MomentsField
        of={title}
        markIds={point.markIds}
        evidence={evidence}
        onChange={(markIds) => onChange({ markIds })}
      />
      <TextArea label="What happens" value={point.text} onChange={(text) => onChange({ text })} />
      <div className="pair">
        <TextArea label="The cue" value={point.cue} onChange={(cue) => onChange({ cue })} />
        <TextArea label="Instead do" value={point.instead} onChange={(instead) => onChange({ instead })} />
      </div>
      <TextArea label="If … then …" rows={1} value={point.branch} onChange={(branch) => onChange({ branch })} />
      <Drill drillId={point.drillId} onChange={(drillId) => onChange({ drillId })} />
      <div className="homework">
        <TextArea label="Homework" rows={1} value={point.homework} onChange={(homework) => onChange({ homework })} />
        <DayField
          label="Checked on"
          hint="empty for none"
          value={point.homeworkDue}
          onChange={(homeworkDue) => onChange({ homeworkDue })}
        />
      </div>
      <Row>
        <Button onPress={() => onMove(-1)} isDisabled={number === 1} aria-label={`${title}: earlier`}>
          ↑
        </Button>
        <Button onPress={() => onMove(1)} isDisabled={last} aria-label={`${title}: later`}>
          ↓
        </Button>
        <Button look="plain" onPress={onDrop}>
          Leave it out
        </Button>
        <Quiet>{number === 1 ? 'Said first.' : ''}</Quiet>
      </Row>
    </Box>
  );
}

/** The drill of a point: any of the academy's, or none. */
function Drill({
  drillId,
  onChange,
}: {
  readonly drillId: string | undefined;
  readonly onChange: (drillId: string | undefined) => void;
}) {
  const house = useHouse();
  const drill = drillId ? drillOf(house, drillId) : undefined;
  if (drill)
    return (
      <Row>
        <span>Drill: {drill.name}</span>
        <Button look="plain" onPress={() => onChange(undefined)}>
          Without a drill
        </Button>
      </Row>
    );
  return <AddByName label="Drill" options={drillsOf(house)} onChoose={onChange} />;
}
