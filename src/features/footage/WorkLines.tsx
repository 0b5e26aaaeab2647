'use client';

import { styled } from 'styled-components';
import { formatClock } from '@/core/clock';
import { cancelFootageWork, retryFootageWork } from '@/server/footage/footageActions';
import { Quiet, Row } from '@/ui/layout/Page';
import { Button, Progress } from '@/ui/primitives';
import { color, size, space } from '@/ui/tokens/tokens';
import { problemWords } from './problemWords';
import { secondsLeft, type WorkNews, workWords } from './shelfNews';

const Line = styled.div`
  display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: ${space(2)}; align-items: center; font-size: ${size.small}; margin-top: ${space(1)};
  .trouble { color: ${color.harm}; }
`;

function progressWords(one: WorkNews): string {
  if (one.state === 'waiting') return one.attempts > 0 ? 'interrupted; tried again soon' : 'waiting';
  const left = secondsLeft(one);
  return `${Math.round(one.progress * 100)} %${left === undefined ? '' : `, about ${formatClock(left)} left`}`;
}

/** What is being made of a file in the background, with a way to stop it and to try again. */
export function WorkLines({ work, onAct }: { readonly work: readonly WorkNews[]; readonly onAct: () => void }) {
  const act = (verb: Promise<unknown>) => void verb.then(onAct, onAct);
  return work.map((one) => (
    <Line key={one.kind} data-work={one.kind} data-state={one.state}>
      {one.state === 'waiting' || one.state === 'running' ? (
        <Progress label={workWords(one)} percent={one.progress * 100} words={progressWords(one)} />
      ) : one.state === 'cancelled' ? (
        <Quiet>{workWords(one)}: stopped.</Quiet>
      ) : (
        <span className="trouble">
          {workWords(one)} did not work. {problemWords(one.problem?.code ?? '', one.problem)}
        </span>
      )}
      <Row>
        {one.state === 'waiting' || one.state === 'running' ? (
          <Button look="plain" onPress={() => act(cancelFootageWork(one.footageId, one.kind))}>
            Stop
          </Button>
        ) : (
          <Button look="plain" onPress={() => act(retryFootageWork(one.footageId, one.kind))}>
            {one.state === 'cancelled' ? 'Go on' : 'Try again'}
          </Button>
        )}
      </Row>
    </Line>
  ));
}
