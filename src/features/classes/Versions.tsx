'use client';

import { useRouter } from 'next/navigation';
import type { Theme } from '@/core/planning';
import { FormMessage } from '@/forms/FormMessage';
import { useSending } from '@/forms/useSending';
import { takePlan } from '@/server/classes/classActions';
import { useWordOf } from '@/terms/HouseContext';
import { themeWords } from '@/terms/themeWords';
import { useZone } from '@/terms/ZoneContext';
import { Quiet, Row } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';
import { Button } from '@/ui/primitives';
import { clockTime, longDayWords } from './classView';

export interface VersionsProps {
  readonly classId: string;
  /** The newest first: the one that stands. */
  readonly versions: readonly {
    readonly version: number;
    readonly ordinal: number;
    readonly madeAt: string;
    readonly madeBy?: string;
    readonly themes: readonly Theme[];
    readonly drillIds: readonly string[];
  }[];
}
const SHOWN = 3;

/** Earlier plans of a class: any of them can be taken again, and nothing is lost by it. */
export function Versions({ classId, versions }: VersionsProps) {
  const router = useRouter();
  const zone = useZone();
  const wordOf = useWordOf();
  const { messages, isSending, send } = useSending();
  const { shown, toggle } = useShowAll(versions.slice(1), SHOWN);
  if (versions.length < 2) return null;
  return (
    <>
      <h3>Earlier versions</h3>
      <FormMessage messages={messages} />
      {shown.map(({ version, ordinal, madeAt, madeBy, themes, drillIds }) => (
        <Row key={version}>
          <span>
            {ordinal}. {themes.map((theme) => themeWords(theme)).join(' and ')}: {drillIds.map(wordOf).join(', ')}{' '}
            <Quiet>
              {longDayWords(madeAt, zone)}, {clockTime(madeAt, 0, zone)}
              {madeBy ? `, ${madeBy}` : ''}
            </Quiet>
          </span>
          <Button
            look="plain"
            aria-label={`Take version ${ordinal} again`}
            isDisabled={isSending}
            onPress={() =>
              send(
                () => takePlan(classId, version),
                () => router.refresh(),
              )
            }
          >
            take it again
          </Button>
        </Row>
      ))}
      {toggle}
    </>
  );
}
