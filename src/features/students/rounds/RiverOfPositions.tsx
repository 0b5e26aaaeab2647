'use client';

import { useState } from 'react';
import { styled } from 'styled-components';
import type { FlowNode, FlowStream, Flows } from '@/core/patterns';
import { familyWord } from '@/terms/familyWords';
import { times } from '@/terms/times';
import { Quiet, Table } from '@/ui/layout/Page';
import { useShowAll } from '@/ui/layout/ShowAll';
import { color, size, space } from '@/ui/tokens/tokens';
import { Moments, type RoundLabels } from '../errors/Moments';
import { minutesWords, percent, tideFigure } from '../studentView';
import { drawRiver } from './riverView';

const WIDTH = 860;
const EDGE = 250;
const Drawing = styled.svg`
  width: 100%; height: auto; max-width: ${WIDTH}px; display: block;
  text { font-size: 13.5px; fill: ${color.ink}; }
  .quiet { fill: ${color.quiet}; }
  path[data-way] { fill: none; stroke-opacity: 0.32; cursor: pointer; }
  path[data-way='up'] { stroke: ${color.focus}; }
  path[data-way='down'] { stroke: ${color.other}; }
  path[data-way='level'] { stroke: ${color.strongRule}; }
  path[data-way]:hover, path[data-way][data-chosen] { stroke-opacity: 0.75; }
  path[data-dim] { stroke-opacity: 0.1; }
`;
const Chosen = styled.div`
  margin: ${space(3)} 0; padding-left: ${space(3)}; border-left: 3px solid ${color.focus}; font-size: ${size.small};
  p { font-size: ${size.body}; margin-bottom: ${space(1)}; }
`;
const Go = styled.button`
  background: none; border: 0; padding: 0; cursor: pointer; font: inherit; text-align: left; color: ${color.ink}; text-decoration: underline; text-decoration-color: ${color.strongRule}; text-underline-offset: 3px;
  &[aria-pressed='true'] { color: ${color.focusText}; }
`;

const placeWords = { over: 'on top', under: 'below', level: '' } as const;
const attackWords = { over: 'attacking', under: 'defending', level: '' } as const;
const attacked: readonly string[] = ['back', 'turtle', 'front-headlock', 'leg-entanglement', 'submission-hold'];
const nameOf = ({ family, place }: Pick<FlowNode, 'family' | 'place'>) =>
  `${familyWord(family)} ${(attacked.includes(family) ? attackWords : placeWords)[place]}`.trim();
const wayOf = (gain: number) => (gain > 0.25 ? 'up' : gain < -0.25 ? 'down' : 'level');
const keyOf = (stream: FlowStream) => `${stream.from} ${stream.to}`;
/** Streams in the table at first. */
const SHOWN = 8;

/** How somebody's rounds flow, as a river: where they are (as tall as the time), where it goes on to, up in amber, down in slate; each stream opens its moments. */
export function RiverOfPositions({ flows, rounds }: { readonly flows: Flows; readonly rounds: RoundLabels }) {
  const [chosenKey, setChosenKey] = useState<string>();
  const river = drawRiver(flows, 420);
  const nodes = new Map(flows.nodes.map((node) => [node.key, node]));
  const wordsOf = (key: string) => {
    const node = nodes.get(key);
    return node ? nameOf(node) : key;
  };
  const total = flows.nodes.reduce((sum, node) => sum + node.seconds, 0);
  const chosen = flows.streams.find((one) => keyOf(one) === chosenKey);
  const choose = (stream: FlowStream) => setChosenKey(keyOf(stream) === chosenKey ? undefined : keyOf(stream));
  const byCount = [...flows.streams].sort((one, other) => other.count - one.count);
  const { shown, toggle } = useShowAll(byCount, SHOWN);
  const y = 22;
  return (
    <>
      <Drawing
        viewBox={`0 0 ${WIDTH} ${river.height + y + 8}`}
        role="group"
        aria-label="How the rounds flow; the table below holds the same figures"
      >
        <text x="0" y="12" className="quiet">
          where the time goes
        </text>
        <text x={WIDTH} y="12" textAnchor="end" className="quiet">
          and where it goes on to
        </text>
        {river.streams.map(({ stream, fromY, toY, width }) => (
          // biome-ignore lint/a11y/useSemanticElements: a stream of a drawing cannot be a button element
          <path
            key={keyOf(stream)}
            d={`M${EDGE + 8} ${fromY + y}C${WIDTH / 2} ${fromY + y} ${WIDTH / 2} ${toY + y} ${WIDTH - EDGE - 8} ${toY + y}`}
            strokeWidth={width}
            data-way={wayOf(stream.gain)}
            data-chosen={keyOf(stream) === chosenKey || undefined}
            data-dim={(chosenKey !== undefined && keyOf(stream) !== chosenKey) || undefined}
            role="button"
            tabIndex={0}
            aria-pressed={keyOf(stream) === chosenKey}
            onClick={() => choose(stream)}
            onKeyDown={(event) => {
              if (event.key === 'Enter') choose(stream);
            }}
          >
            <title>{`${wordsOf(stream.from)} → ${wordsOf(stream.to)}: ${times(stream.count)}, ${percent(stream.share)}`}</title>
          </path>
        ))}
        {river.left.map(({ node, y: top, height }) => (
          <g key={node.key}>
            <rect
              x={EDGE}
              y={top + y}
              width="8"
              height={height}
              fill={node.tide > 0.1 ? color.focus : node.tide < -0.1 ? color.other : color.strongRule}
            />
            <text x={EDGE - 10} y={top + y + height / 2 + 4.5} textAnchor="end">
              {nameOf(node)} <tspan className="quiet">{minutesWords(node.seconds / 60)}</tspan>
            </text>
          </g>
        ))}
        {river.right.map(({ node, y: top, height }) => (
          <g key={node.key}>
            <rect
              x={WIDTH - EDGE - 8}
              y={top + y}
              width="8"
              height={height}
              fill={node.tide > 0.1 ? color.focus : node.tide < -0.1 ? color.other : color.strongRule}
            />
            <text x={WIDTH - EDGE + 10} y={top + y + height / 2 + 4.5}>
              {nameOf(node)}
            </text>
          </g>
        ))}
      </Drawing>
      {chosen ? (
        <Chosen aria-live="polite">
          <p>
            {wordsOf(chosen.from)} → {wordsOf(chosen.to)}: {chosen.count} times, {percent(chosen.share)} of what
            followed
          </p>
          <Moments
            moments={chosen.moments}
            rounds={rounds}
            shown={10}
            title={`${wordsOf(chosen.from)} → ${wordsOf(chosen.to)}`}
          />
        </Chosen>
      ) : null}
      <Table aria-label="How the rounds flow">
        <thead>
          <tr>
            <th>From</th>
            <th>On to</th>
            <th className="figure">Times</th>
            <th className="figure">Of what followed</th>
            <th className="figure">Better placed by</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((stream) => (
            <tr key={keyOf(stream)}>
              <td>
                {wordsOf(stream.from)}{' '}
                <Quiet>{percent((nodes.get(stream.from)?.seconds ?? 0) / Math.max(total, 1e-9))} of the time</Quiet>
              </td>
              <td>
                <Go type="button" aria-pressed={keyOf(stream) === chosenKey} onClick={() => choose(stream)}>
                  {wordsOf(stream.to)}
                </Go>
              </td>
              <td className="figure">{stream.count}</td>
              <td className="figure">{percent(stream.share)}</td>
              <td className="figure">{tideFigure(stream.gain)}</td>
            </tr>
          ))}
        </tbody>
      </Table>
      {toggle}
    </>
  );
}
