'use client';

import { styled } from 'styled-components';
import type { ThemeFigures } from '@/core/patterns';
import { times } from '@/terms/times';
import { Quiet } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';
import { size, space } from '@/ui/tokens/tokens';
import { Moments, type RoundLabels } from '../errors/Moments';

const Part = styled.section`
  h3 { margin-bottom: ${space(1)}; font-size: ${size.body}; }
  > div { padding: ${space(1)} 0; }
`;
const SHOWN = 4;

/** What became of the theme of the day in the rounds that had one: "knee slice: tried in 4 of 6 rounds, 11 times, 5 finished". */
export function Themes({ themes, rounds }: { readonly themes: readonly ThemeFigures[]; readonly rounds: RoundLabels }) {
  const { shown, toggle } = useShowAll(themes, SHOWN);
  if (themes.length === 0) return null;
  return (
    <Part aria-label="Theme of the day">
      <h3>Theme of the day</h3>
      {shown.map(({ theme, moments, ...figures }) => (
        <div key={theme}>
          <strong>{theme}</strong>: {themeWords(figures)}
          {moments.length > 0 ? (
            <Moments moments={moments} rounds={rounds} shown={2} title={`Theme: ${theme}`} />
          ) : null}
        </div>
      ))}
      {toggle}
    </Part>
  );
}

function themeWords({ rounds, triedIn, tries, finished, minutes }: Omit<ThemeFigures, 'theme' | 'moments'>) {
  const of = rounds === 1 ? 'the one round with it' : `${rounds} rounds with it`;
  if (minutes !== undefined) {
    if (triedIn === 0) return <>not reached in {of}</>;
    return (
      <>
        there in {triedIn} of {of}, {minutes.toFixed(1)} minutes{' '}
        <Quiet>{tries === 0 ? 'nothing tried from there' : `${tries} tried from there, ${finished} finished`}</Quiet>
      </>
    );
  }
  if (tries === 0) return <>not tried in {of}</>;
  return (
    <>
      tried in {triedIn} of {of}, {times(tries)}, {finished} finished
    </>
  );
}
