import { PlainPage } from '@/ui/plain/Plain';

/**
 * What a page shows when its round, student or class is gone. Pages draw it themselves: the framework's own not-found answer is a bare
 * document that starts anew in the browser, and the strict style policy refuses what it starts with.
 */
export function NothingHere() {
  return (
    <PlainPage title="Nothing here">
      <p className="plain-line">This page is not there, or what it showed was deleted.</p>
      <a className="plain-lead" href="/footage">
        To Footage
      </a>
    </PlainPage>
  );
}
