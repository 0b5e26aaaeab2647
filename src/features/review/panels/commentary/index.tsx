import dynamic from 'next/dynamic';
import { plain } from '@/ui/keys/keyEntry';
import { definePanel } from '../definePanel';

const TalkRows = dynamic(() => import('./talk/TalkRows').then((one) => one.TalkRows), { ssr: false });
const CommentaryPanel = dynamic(() => import('./CommentaryPanel').then((one) => one.CommentaryPanel), { ssr: false });

export const commentary = definePanel({
  id: 'commentary',
  key: { shown: 'C', matches: plain('c'), does: 'a spoken commentary: read it into marks' },
  // A talk in the middle of being gone through does not vanish at a second press.
  toggles: false,
  Component: ({ desk }) => {
    const { names, span, accept, drop, calls, takeBack, playhead, toLedger } = desk;
    const { work, isReading, inEnglish, problem, lines, shown, withUnsure, toggleUnsure, open, read, act, close } =
      desk.commentary;
    return (
      <CommentaryPanel
        {...{
          work,
          isReading,
          inEnglish,
          problem,
          lines,
          shown,
          withUnsure,
          open,
          names,
          startSeconds: span.startSeconds,
        }}
        onRead={(file) => void read(file)}
        onAct={act}
        onAccept={accept}
        onDrop={drop}
        onCorrect={(line) => calls.correct(line.place, line.draft)}
        onTakeBack={takeBack}
        onLook={(line) => playhead.seek(Math.max(span.startSeconds, line.draft.atSeconds - 1))}
        talkRows={
          desk.second ? undefined : <TalkRows desk={desk.talks} onText={(file, talk) => void read(file, talk)} />
        }
        onUnsure={toggleUnsure}
        onLeave={toLedger}
        onForget={close}
      />
    );
  },
});
