'use client';

import { useEffect, useState } from 'react';
import { FormMessage } from '@/forms/FormMessage';
import { useNewId } from '@/forms/useNewId';
import { useSending } from '@/forms/useSending';
import { askForPackage, lookAtExchange } from '@/server/exchange/exchangeActions';
import { momentWords } from '@/terms/dayWords';
import { useZone } from '@/terms/ZoneContext';
import { ActionLink, Notice, Page, Quiet, Row, Section, Stack } from '@/ui/layout/Page';
import { Button, Checkbox, FileDrop } from '@/ui/primitives';
import { refusalWords } from './exchangeWords';
import { ImportCard, type ImportLine } from './ImportCard';

interface ExchangeNews {
  readonly made?: {
    readonly id: string;
    readonly state: 'waiting' | 'working' | 'ready' | 'failed';
    readonly films: boolean;
    readonly byteLength?: number;
    readonly askedAt: string;
  };
  readonly imports: readonly ImportLine[];
}

const LOOK_MS = 1500;

/** The whole academy as one file, and packages from elsewhere: compared first, brought in, taken back. */
export function ExchangePage({ first }: { readonly first: ExchangeNews }) {
  const zone = useZone();
  const [news, setNews] = useState(first);
  const [films, setFilms] = useState(false);
  const { messages, isSending, send } = useSending();
  const fresh = useNewId();
  const bringing = useBringing(() => void look());
  const { made } = news;
  const isMaking = made?.state === 'waiting' || made?.state === 'working';
  const isUnderway = isMaking || news.imports.some((one) => one.state === 'working');
  const look = async () => {
    const outcome = await lookAtExchange().catch(() => undefined);
    if (outcome?.ok) setNews(outcome.news);
  };
  useEffect(() => {
    if (!isUnderway) return;
    const timer = setInterval(() => void look(), LOOK_MS);
    return () => clearInterval(timer);
  });
  const ask = () =>
    send(
      () => askForPackage(fresh.id(), films),
      () => {
        fresh.renew();
        void look();
      },
    );
  return (
    <Page
      title="Taken along, brought in"
      aside="All that this academy knows, as one file that any program can read"
      actions={<ActionLink href="/settings">To Settings</ActionLink>}
    >
      <Section>
        <h2>Taken along</h2>
        <div className="note">
          A ZIP of JSON lines with its schema: people, rounds, marks, reviews, classes, words. No passwords, no links.
        </div>
        <div className="matter">
          <Stack>
            <Checkbox isSelected={films} onChange={setFilms}>
              With the films themselves, but for those with somebody who is not to be shown
            </Checkbox>
            <Row>
              <Button look="lead" onPress={ask} isPending={isSending} isDisabled={isMaking}>
                Make a package of everything
              </Button>
              {isMaking ? <Quiet role="status">It is being put together …</Quiet> : null}
              <FormMessage messages={messages} />
            </Row>
            {made?.state === 'ready' ? (
              <p>
                <a href={`/api/exports/${made.id}`} download>
                  The package of {momentWords(made.askedAt, zone)}
                </a>
                , {((made.byteLength ?? 0) / 1e6).toFixed(1)} MB{made.films ? ', with films' : ''}. It is here for a
                week.
              </p>
            ) : null}
            {made?.state === 'failed' ? (
              <Notice role="alert">
                The package could not be made: the disk is full, or it was broken off. Try again.
              </Notice>
            ) : null}
            <Quiet>
              Names and birthdays of everybody are in it: keep it as you keep the academy’s papers. A single round or
              student is taken along from their own page.
            </Quiet>
          </Stack>
        </div>
      </Section>
      <Section>
        <h2>Brought in</h2>
        <div className="note">
          A package of another academy, or of this one from before. It is compared first; nothing is written until you
          say so.
        </div>
        <div className="matter">
          <Stack>
            <FileDrop
              words="Drop a package here"
              hint="A ZIP that this program made, of everything, a student or a round."
              choose="Choose a file"
              accept={['.zip', 'application/zip']}
              onFiles={([file]) => file && void bringing.bring(file)}
            />
            {bringing.isSending ? <Quiet role="status">It is sent and compared …</Quiet> : null}
            {bringing.problem ? <Notice role="alert">{bringing.problem}</Notice> : null}
            {news.imports.map((one) => (
              <ImportCard key={one.id} one={one} onChanged={() => void look()} />
            ))}
          </Stack>
        </div>
      </Section>
    </Page>
  );
}

/** Sends a package to be compared. */
function useBringing(onCompared: () => void) {
  const [isSending, setSending] = useState(false);
  const [problem, setProblem] = useState<string>();
  const bring = async (file: File) => {
    setSending(true);
    setProblem(undefined);
    try {
      const answer = await fetch(`/api/packages/${crypto.randomUUID()}`, { method: 'PUT', body: file });
      const told = (await answer.json().catch(() => ({}))) as { readonly code?: string };
      if (!answer.ok) setProblem(refusalWords(told.code ?? ''));
      else onCompared();
    } catch {
      setProblem(refusalWords(''));
    } finally {
      setSending(false);
    }
  };
  return { isSending, problem, bring };
}
