'use client';

import { styled } from 'styled-components';
import { drillOf } from '@/core/vocabulary';
import { DayField } from '@/forms/DayField';
import { useHouse } from '@/terms/HouseContext';
import { Quiet, Row } from '@/ui/layout/Page';
import { Button, TextArea } from '@/ui/primitives';
import { color, font, size, space } from '@/ui/tokens/tokens';
import type { WorkPoint } from './closingReducer';
import { Evidences, type Moments } from './Evidences';

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
  readonly roundId: string;
  readonly evidence: Moments;
  readonly onChange: (patch: Partial<WorkPoint>) => void;
  readonly onMove: (by: 1 | -1) => void;
  readonly onDrop: () => void;
}

/** One thing to work on: what, why, the cue, an if-then, a drill, homework with a day. */
export function PointEditor({ number, last, point, roundId, evidence, onChange, onMove, onDrop }: PointEditorProps) {
  const house = useHouse();
  const drill = point.drillId ? drillOf(house, point.drillId) : undefined;
  return (
    <Box>
      <legend>
        {number}. {point.title}
      </legend>
      <Evidences roundId={roundId} markIds={point.markIds} evidence={evidence} />
      <TextArea label="What happens" value={point.text} onChange={(text) => onChange({ text })} />
      <div className="pair">
        <TextArea label="The cue" value={point.cue} onChange={(cue) => onChange({ cue })} />
        <TextArea label="If … then …" value={point.branch} onChange={(branch) => onChange({ branch })} />
      </div>
      {drill ? (
        <Row>
          <span>Drill: {drill.name}</span>
          <Button look="plain" onPress={() => onChange({ drillId: undefined })}>
            Without a drill
          </Button>
        </Row>
      ) : null}
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
        <Button onPress={() => onMove(-1)} isDisabled={number === 1} aria-label={`${point.title}: earlier`}>
          ↑
        </Button>
        <Button onPress={() => onMove(1)} isDisabled={last} aria-label={`${point.title}: later`}>
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
