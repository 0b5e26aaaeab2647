'use client';

import { useEffect, useState } from 'react';
import { FormMessage } from '@/forms/FormMessage';
import { useSending } from '@/forms/useSending';
import { backUpNow, lookAtBackups } from '@/server/backup/backupActions';
import { momentWords } from '@/terms/dayWords';
import { useZone } from '@/terms/ZoneContext';
import { Notice, Quiet, Row, Section, Stack } from '@/ui/layout/Page';
import { Button, Progress } from '@/ui/primitives';
import { sizeWords } from './sizeWords';

export interface BackupLine {
  readonly folder: string;
  readonly isOnSameDisk: boolean;
  readonly kept: number;
  readonly nightlyAt?: string;
  readonly last?: { readonly at: string; readonly bytes: number; readonly files: number };
  readonly problem?: string;
  readonly progress?: number;
}

const LOOK_MS = 1500;
/** It waits its turn for so long before the page stops looking. */
const MOST_LOOKS = 40;

/** When the academy was last backed up, where to, and whether that can be relied on. */
export function BackupSection({ first }: { readonly first: BackupLine }) {
  const zone = useZone();
  const [news, setNews] = useState(first);
  const [waits, setWaits] = useState(0);
  const { messages, isSending, send } = useSending();
  const isUnderway = news.progress !== undefined;
  useEffect(() => {
    if (!isUnderway && waits === 0) return;
    const timer = setTimeout(async () => {
      const outcome = await lookAtBackups().catch(() => undefined);
      if (!outcome?.ok) return setWaits((left) => Math.max(0, left - 1));
      const isNew = outcome.news.last?.at !== news.last?.at || outcome.news.progress !== undefined;
      setNews(outcome.news);
      setWaits((left) => (isNew ? 0 : Math.max(0, left - 1)));
    }, LOOK_MS);
    return () => clearTimeout(timer);
  });
  const percent = Math.round((news.progress ?? 0) * 100);
  return (
    <Section>
      <h2>Backup</h2>
      <div className="note">
        {news.nightlyAt
          ? `By itself every night at ${news.nightlyAt}; the last ${news.kept} are kept.`
          : 'Made when asked for.'}
      </div>
      <div className="matter">
        <Stack>
          <p>
            {news.last
              ? `The last one: ${momentWords(news.last.at, zone)}, ${sizeWords(news.last.bytes)} in ${news.last.files} files and the database, read back as it was written.`
              : 'There is none yet.'}
          </p>
          <Quiet>It lies in {news.folder}</Quiet>
          {news.isOnSameDisk ? (
            <Notice data-tone="caution">
              That is on the disk of the academy itself: when the disk fails, both are gone. Name a folder on another
              disk in OWL_BACKUP_FOLDER, or copy this one away.
            </Notice>
          ) : null}
          {news.problem && !isUnderway ? <Notice role="alert">The newest one failed. {news.problem}</Notice> : null}
          {isUnderway ? <Progress label="Backup" percent={percent} words={`${percent} %`} /> : null}
          <Row>
            <Button
              onPress={() =>
                send(
                  () => backUpNow(),
                  () => setWaits(MOST_LOOKS),
                )
              }
              isPending={isSending || (waits > 0 && !isUnderway)}
              isDisabled={isUnderway}
            >
              Back up now
            </Button>
            <FormMessage messages={messages} />
          </Row>
        </Stack>
      </div>
    </Section>
  );
}
