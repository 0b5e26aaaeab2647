import { PlainPage } from '@/ui/plain/Plain';

/** What any link shows that opens nothing: none that was made, or one that was closed or has ended. */
export function ClosedLink() {
  return (
    <PlainPage title="This link is closed">
      <p className="plain-line">It has ended, was closed, or never was one. Ask your coach for a new one.</p>
    </PlainPage>
  );
}
