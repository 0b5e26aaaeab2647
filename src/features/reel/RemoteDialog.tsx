'use client';

import { Quiet } from '@/ui/layout/Page';
import { Button, Dialog } from '@/ui/primitives';

/** How a phone becomes the remote of a reel that is shown. */
export function RemoteDialog({
  address,
  qr,
  onClose,
}: {
  readonly address: string;
  readonly qr: string;
  readonly onClose: () => void;
}) {
  return (
    <Dialog light="loft" title="A phone as remote" isOpen onClose={onClose}>
      <p>Open this on a phone in the same network, signed in as a coach; then put this page on the whole screen (F).</p>
      {/* biome-ignore lint/performance/noImgElement: drawn from the address itself, there is nothing to load */}
      <img
        width={180}
        height={180}
        style={{ background: '#fff' }}
        alt="The address of the remote, for a phone’s camera"
        src={`data:image/svg+xml,${encodeURIComponent(qr)}`}
      />
      <Quiet>{address}</Quiet>
      <div className="buttons">
        <Button look="lead" onPress={onClose}>
          Done
        </Button>
      </div>
    </Dialog>
  );
}
