'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { styled } from 'styled-components';
import { FormMessage } from '@/forms/FormMessage';
import { type LinkLine, type NewLink, NotShared, ShareLinks, ToldLink } from '@/forms/ShareLinks';
import { useNewId } from '@/forms/useNewId';
import { useDraft, useSending } from '@/forms/useSending';
import { closeLink, shareReview } from '@/server/sharing/shareActions';
import { USUAL_LINK_DAYS } from '@/server/sharing/shareInput';
import { Quiet, Row, Section, Stack } from '@/ui/layout/Page';
import { useLookAgain } from '@/ui/layout/useLookAgain';
import { Button, Checkbox, Progress, TextField } from '@/ui/primitives';

/** Of a printed review only the new link is of use. */
const OnScreen = styled(Stack)`
  @media print { display: none; }
`;

export interface ClipLine {
  readonly id: string;
  readonly place: string;
  readonly state: 'waiting' | 'working' | 'ready' | 'failed' | 'cancelled';
  /** 0 to 1. */
  readonly progress: number;
  readonly problem?: { readonly code: string };
}

export interface SharingProps {
  readonly closingId: string;
  readonly person: { readonly name: string; readonly email: string };
  /** Why it cannot be shared, in words. */
  readonly problem?: string;
  readonly links: readonly LinkLine[];
  readonly clips: readonly ClipLine[];
}

/** Sharing a signed review with its student: a link that is told once, how often it was opened, and its clips while they are made. */
export function Sharing({ closingId, person, problem, links, clips }: SharingProps) {
  const router = useRouter();
  const fresh = useNewId();
  const [made, setMade] = useState<NewLink>();
  const { fields, set } = useDraft(() => ({ days: String(USUAL_LINK_DAYS), isSent: false }));
  const { messages, isSending, send } = useSending();
  const isUnderway = clips.some((one) => one.state === 'waiting' || one.state === 'working');
  useLookAgain(isUnderway);
  const share = () =>
    send(
      () => shareReview(closingId, { days: Number(fields.days || Number.NaN), isSent: fields.isSent }, fresh.id()),
      (link) => {
        fresh.renew();
        setMade(link);
        router.refresh();
      },
    );
  return (
    <Section>
      <h2>Share it</h2>
      <div className="note">
        With {person.name} alone, without an account: what is signed, its clips, questions to answer, homework to tick.
      </div>
      <div className="matter">
        <Stack>
          <NotShared why={problem} />
          <FormMessage messages={messages} />
          {made ? <ToldLink link={made} /> : null}
          <OnScreen>
            <ShareLinks
              links={links}
              onClose={(id) =>
                send(
                  () => closeLink(id),
                  () => router.refresh(),
                )
              }
            />
            {clips.length > 0 ? (
              <Row>
                {clips.map((clip) => (
                  <ClipState key={clip.id} clip={clip} />
                ))}
              </Row>
            ) : null}
            {problem ? null : (
              <Row style={{ alignItems: 'flex-end' }}>
                <div style={{ width: 110 }}>
                  <TextField
                    label="Open for"
                    unit="days"
                    inputMode="numeric"
                    value={fields.days}
                    onChange={(days) => set({ days })}
                    problem={messages.days}
                  />
                </div>
                {person.email ? (
                  <Checkbox isSelected={fields.isSent} onChange={(isSent) => set({ isSent })}>
                    Write to {person.email}
                  </Checkbox>
                ) : (
                  <Quiet>No address is known: hand the link over yourself.</Quiet>
                )}
                <Button look="lead" onPress={share} isPending={isSending}>
                  {links.some((one) => one.isOpen) ? 'Make another link' : 'Make a link'}
                </Button>
              </Row>
            )}
          </OnScreen>
        </Stack>
      </div>
    </Section>
  );
}

const partWords = (place: string): string => (place === 'good' ? 'what was good' : `point ${Number(place) + 1}`);

function ClipState({ clip }: { readonly clip: ClipLine }) {
  const part = partWords(clip.place);
  if (clip.state === 'ready')
    return (
      <Quiet>
        clip of {part}: <a href={`/api/clips/${clip.id}/film`}>ready</a>
      </Quiet>
    );
  if (clip.state === 'failed' || clip.state === 'cancelled')
    return (
      <Quiet role="alert">
        Clip of {part}: {clip.state === 'cancelled' ? 'cancelled' : failedWords(clip.problem?.code)}
      </Quiet>
    );
  const percent = Math.round(clip.progress * 100);
  return (
    <div style={{ flex: '1 1 260px' }}>
      <Progress
        label={`Clip of ${part}`}
        percent={percent}
        words={clip.state === 'waiting' ? 'waits its turn' : `${percent} %`}
      />
    </div>
  );
}

function failedWords(code: string | undefined): string {
  if (code === 'footage-gone') return 'its footage is gone; the review is shared without it.';
  if (code === 'disk-full') return 'the disk is full. Make room, then make a new link.';
  return 'could not be made. Make a new link to try again.';
}
