'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { FormMessage } from '@/forms/FormMessage';
import { type LinkLine, type NewLink, ShareLinks, ToldLink } from '@/forms/ShareLinks';
import { useNewId } from '@/forms/useNewId';
import { useSending } from '@/forms/useSending';
import { closeLink, shareOwnPage } from '@/server/sharing/shareActions';
import { Row, Stack } from '@/ui/layout/Page';
import { Button } from '@/ui/primitives';

export interface OwnPageProps {
  readonly personId: string;
  readonly links: readonly LinkLine[];
  readonly givesPages: boolean;
}

/** The longer-lived link to a student's own page. */
export function OwnPage({ personId, links, givesPages }: OwnPageProps) {
  const router = useRouter();
  const fresh = useNewId();
  const [made, setMade] = useState<NewLink>();
  const { messages, isSending, send } = useSending();
  const make = () =>
    send(
      () => shareOwnPage(personId, fresh.id()),
      (link) => {
        fresh.renew();
        setMade(link);
        router.refresh();
      },
    );
  return (
    <Stack>
      <FormMessage messages={messages} />
      {made ? <ToldLink link={made} /> : null}
      <ShareLinks
        links={links}
        onClose={(id) =>
          send(
            () => closeLink(id),
            () => router.refresh(),
          )
        }
      />
      {givesPages ? (
        <Row>
          <Button onPress={make} isPending={isSending}>
            Make a link to their page
          </Button>
        </Row>
      ) : null}
    </Stack>
  );
}
