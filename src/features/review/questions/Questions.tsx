'use client';

import type { Span } from '@/core/clock';
import { useWordOf } from '@/terms/HouseContext';
import { lullWords } from '../lulls/lullView';
import { QuestionStrip } from '../QuestionStrip';
import { contradictionText } from '../reviewView';
import type { ReviewDesk } from '../useReviewActs';
import { agreedWords, repairWords, targetWords } from './questionView';
import type { Question } from './useQuestions';

const labels: Readonly<Record<Question['kind'], string>> = {
  doubt: 'A doubt',
  agreed: 'Agreed before',
  'led-to': 'What it led to',
};

/** What the second pass, the chosen mark or the footage asks: one thing at a time, each answer with its key. */
export function Questions({ desk }: { readonly desk: ReviewDesk }) {
  const { secondPass, question, lull } = desk;
  if (secondPass.on) return <SecondPassStrip desk={desk} />;
  if (question) return <MarkQuestion desk={desk} question={question} />;
  return lull && !desk.filter.open ? <LullQuestion desk={desk} lull={lull} /> : null;
}

function MarkQuestion({ desk, question }: { readonly desk: ReviewDesk; readonly question: Question }) {
  const { marks, names, span, questions, goTo } = desk;
  const wordOf = useWordOf();
  const target = question.kind === 'led-to' ? marks.state.held.get(question.toId)?.mark : undefined;
  const words = () => {
    if (question.kind === 'agreed') return `${capital(agreedWords(question.restriction, names))}. Was it inside that?`;
    if (question.kind === 'doubt')
      return `It ${contradictionText(question.contradiction)} ${repairWords(question.repair, names, span.startSeconds)}`;
    return target ? `Did it lead to ${targetWords(target, names, span.startSeconds, wordOf)}?` : '';
  };
  return (
    <QuestionStrip
      label={labels[question.kind]}
      answers={[
        { words: 'Yes (Y)', onPress: () => questions.confirm(question) },
        { words: 'No (N)', onPress: () => questions.wave(question) },
        ...(target ? [{ words: 'Look there', onPress: () => goTo(target), plain: true }] : []),
      ]}
    >
      {words()}
    </QuestionStrip>
  );
}

const capital = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);

/** One lull at a time: was play stopped there, was it off camera, or did they only lie still? */
function LullQuestion({ desk, lull }: { readonly desk: ReviewDesk; readonly lull: Span }) {
  const { lulls, span, markLull, act } = desk;
  const more = lulls.open.length - 1;
  return (
    <QuestionStrip
      label="A lull"
      answers={[
        { words: 'Look (G)', onPress: () => act('lull-look', ''), plain: true },
        { words: 'Play stopped (Y)', onPress: () => markLull(false) },
        { words: 'Off camera (U)', onPress: () => markLull(true) },
        { words: 'They lay still (N)', onPress: () => lulls.wave(lull) },
      ]}
    >
      {lullWords(lull, span.startSeconds)}
      {more > 0 ? ` ${more} more.` : ''}
    </QuestionStrip>
  );
}

function SecondPassStrip({ desk }: { readonly desk: ReviewDesk }) {
  const { secondPass, act } = desk;
  const { current, left, choices } = secondPass;
  return (
    <QuestionStrip
      label="Second pass"
      answers={[
        ...(current
          ? choices.map((words, at) => ({ words: `${at + 1} ${words}`, onPress: () => secondPass.answer(at + 1) }))
          : []),
        { words: 'Skip (↓)', onPress: secondPass.skip, plain: true },
        { words: 'Ask (A)', onPress: () => act('ask', ''), plain: true },
        { words: 'Leave (Shift P)', onPress: secondPass.toggle, plain: true },
      ]}
    >
      Second pass, {left} to judge.{' '}
      {current ? (current.asks === 'punished' ? 'Was it punished?' : 'How did it end?') : 'This one is judged.'}
    </QuestionStrip>
  );
}
