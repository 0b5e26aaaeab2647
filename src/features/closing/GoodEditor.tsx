'use client';

import { Quiet, Row, Stack } from '@/ui/layout/Page';
import { Button, TextArea } from '@/ui/primitives';
import { MomentsField } from './MomentsField';
import type { Moments } from './moments';

export interface GoodThing {
  readonly conceptId: string;
  readonly title: string;
  /** What stands there once it is chosen. */
  readonly text: string;
  readonly markIds: readonly string[];
}
const SHOWN = 6;

export interface GoodEditorProps {
  readonly good: { readonly text: string; readonly markIds: readonly string[] };
  readonly goods: readonly GoodThing[];
  readonly evidence: Moments;
  readonly onChange: (good: { text?: string; markIds?: string[] }) => void;
}

/** The one good thing and its moments: proposed, chosen from all that was done well, or written. */
export function GoodEditor({ good, goods, evidence, onChange }: GoodEditorProps) {
  const isTaken = (one: GoodThing) => one.markIds.some((id) => good.markIds.includes(id));
  const others = goods.filter((one) => !isTaken(one)).slice(0, SHOWN);
  return (
    <Stack $gap={3}>
      <TextArea label="What was good" value={good.text} onChange={(text) => onChange({ text })} />
      <MomentsField
        of="the good thing"
        markIds={good.markIds}
        evidence={evidence}
        onChange={(markIds) => onChange({ markIds })}
      />
      {others.length > 0 ? (
        <Row>
          <Quiet>Rather:</Quiet>
          {others.map((one) => (
            <Button key={one.conceptId} onPress={() => onChange({ text: one.text, markIds: one.markIds.slice(0, 3) })}>
              {one.title}
            </Button>
          ))}
        </Row>
      ) : null}
    </Stack>
  );
}
