'use client';

import { useEffect, useState } from 'react';
import { FormMessage } from '@/forms/FormMessage';
import { useNewId } from '@/forms/useNewId';
import { useSending } from '@/forms/useSending';
import { lookAtPacket, makePacket } from '@/server/packets/packetActions';
import type { PacketContent } from '@/server/packets/packetInput';
import { Notice, Quiet } from '@/ui/layout/Page';
import { Button, Dialog, Progress, TextArea } from '@/ui/primitives';

const LOOK_MS = 900;

export interface EvidenceProps {
  readonly roundId: string;
  /** What is to be shown, as it stands now. */
  readonly packet: () => PacketContent;
}

/** Evidence as one file that opens anywhere: a page, and a clip of each entry beside it. */
export function Evidence({ roundId, packet }: EvidenceProps) {
  const [open, setOpen] = useState<PacketContent>();
  return (
    <>
      <Button onPress={() => setOpen(packet())}>Evidence as one file</Button>
      {open ? <EvidenceDialog roundId={roundId} packet={open} onClose={() => setOpen(undefined)} /> : null}
    </>
  );
}

function EvidenceDialog({
  roundId,
  packet,
  onClose,
}: {
  readonly roundId: string;
  readonly packet: PacketContent;
  readonly onClose: () => void;
}) {
  const fresh = useNewId();
  const [lead, setLead] = useState(packet.lead);
  const [madeId, setMadeId] = useState<string>();
  const [news, setNews] = useState<{ readonly progress: number; readonly isReady: boolean; readonly failed: number }>();
  const { messages, isSending, send } = useSending();
  const isReady = news?.isReady === true;
  useEffect(() => {
    if (!madeId || isReady) return;
    let isOver = false;
    const look = async () => {
      const outcome = await lookAtPacket(madeId).catch(() => undefined);
      if (!isOver && outcome?.ok) setNews(outcome);
    };
    void look();
    const timer = setInterval(() => void look(), LOOK_MS);
    return () => {
      isOver = true;
      clearInterval(timer);
    };
  }, [madeId, isReady]);
  const make = () => {
    const id = fresh.id();
    send(
      () => makePacket(roundId, { ...packet, lead }, id),
      () => {
        fresh.renew();
        setNews(undefined);
        setMadeId(id);
      },
    );
  };
  const percent = Math.round((news?.progress ?? 0) * 100);
  return (
    <Dialog light="loft" title={packet.title} isOpen onClose={onClose}>
      <FormMessage messages={messages} />
      {packet.entries.length === 0 ? <Notice data-tone="calm">There is nothing to show yet.</Notice> : null}
      <TextArea label="What it shows, in a sentence" value={lead} onChange={setLead} />
      <Quiet>
        {packet.entries.length === 1 ? 'One entry' : `${packet.entries.length} entries`}, each with its clip
        {packet.findings.length > 0 ? `, and ${packet.findings.length} findings` : ''}. One ZIP with a page that opens
        in any browser.
      </Quiet>
      {madeId && !isReady ? <Progress label="Its clips" percent={percent} words={`${percent} %`} /> : null}
      {madeId && isReady ? (
        <p role="status">
          <a href={`/api/packets/${madeId}`} download>
            The file is ready
          </a>
          {news && news.failed > 0 ? ` (${news.failed} without a clip)` : ''}
        </p>
      ) : null}
      <div className="buttons">
        <Button onPress={onClose}>Close</Button>
        <Button
          look="lead"
          onPress={make}
          isPending={isSending}
          isDisabled={packet.entries.length === 0 || (madeId !== undefined && !isReady)}
        >
          {madeId ? 'Put it together again' : 'Put it together'}
        </Button>
      </div>
    </Dialog>
  );
}
