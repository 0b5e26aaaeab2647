import { PlainPage } from '@/ui/plain/Plain';

/** A reel none of whose moments is there. */
export function NoReel({ back }: { readonly back: string }) {
  return (
    <PlainPage title="Nothing to play">
      <p className="plain-line">None of these moments is there any more: their marks or rounds were deleted.</p>
      <a className="plain-lead" href={back}>
        Back
      </a>
    </PlainPage>
  );
}
