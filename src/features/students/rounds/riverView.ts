import type { FlowNode, FlowStream, Flows } from '@/core/patterns';

/** A bank of the river: a kind of position, as tall as the time spent there. */
export interface Bank {
  readonly node: FlowNode;
  readonly y: number;
  readonly height: number;
}
/** A stream from the left bank of one to the right bank of another, as wide as how often it was taken. */
export interface DrawnStream {
  readonly stream: FlowStream;
  readonly fromY: number;
  readonly toY: number;
  readonly width: number;
}
export interface River {
  readonly left: readonly Bank[];
  readonly right: readonly Bank[];
  readonly streams: readonly DrawnStream[];
  readonly height: number;
}

/** Kinds of position that are drawn; the rest is in the table. @source own decision: what one look can hold */
const MOST_NODES = 12;
const GAP = 10;
const LEAST_HEIGHT = 14;

/**
 * Where somebody is on the left, where that goes on to on the right, best placed above; heights are shares of the time (left) and of how often
 * one comes there (right), for a drawing of about `space` pixels. Streams of one leave and arrive in the order of their other end, so that few cross.
 */
export function drawRiver({ nodes, streams }: Flows, space: number): River {
  const shown = [...nodes].sort((one, other) => other.seconds - one.seconds).slice(0, MOST_NODES);
  const inOrder = nodes.filter((node) => shown.includes(node));
  const drawn = streams.filter(
    (one) => inOrder.some((node) => node.key === one.from) && inOrder.some((node) => node.key === one.to),
  );
  const arrivals = (node: FlowNode) => drawn.reduce((sum, one) => sum + (one.to === node.key ? one.count : 0), 0);
  const left = stack(inOrder, (node) => node.seconds, space);
  const right = stack(
    inOrder.filter((node) => arrivals(node) > 0),
    arrivals,
    space,
  );
  const placeOf = (banks: readonly Bank[], key: string) => banks.findIndex((bank) => bank.node.key === key);
  const used = new Map<string, number>();
  const take = (side: string, bank: Bank, width: number) => {
    const key = `${side} ${bank.node.key}`;
    const from = used.get(key) ?? 0;
    used.set(key, from + width);
    return bank.y + from + width / 2;
  };
  const widthAt = (banks: readonly Bank[], bank: Bank, stream: FlowStream, total: number) =>
    banks.includes(bank) ? (bank.height * stream.count) / total : 0;
  const streamsDrawn = [...drawn]
    .sort(
      (one, other) =>
        placeOf(left, one.from) - placeOf(left, other.from) || placeOf(right, one.to) - placeOf(right, other.to),
    )
    .flatMap((stream): DrawnStream[] => {
      const from = left[placeOf(left, stream.from)];
      const to = right[placeOf(right, stream.to)];
      if (!from || !to) return [];
      const outOf = drawn.reduce((sum, one) => sum + (one.from === stream.from ? one.count : 0), 0);
      const out = widthAt(left, from, stream, outOf);
      const into = widthAt(right, to, stream, arrivals(to.node));
      return [
        {
          stream,
          fromY: take('left', from, out),
          toY: take('right', to, into),
          width: Math.max(1.5, Math.min(out, into)),
        },
      ];
    });
  const end = (banks: readonly Bank[]) => Math.max(0, ...banks.map((bank) => bank.y + bank.height));
  return { left, right, streams: streamsDrawn, height: Math.max(end(left), end(right)) };
}

function stack(nodes: readonly FlowNode[], sizeOf: (node: FlowNode) => number, space: number): Bank[] {
  const total = nodes.reduce((sum, node) => sum + sizeOf(node), 0);
  let y = 0;
  return nodes.map((node) => {
    const height = Math.max(LEAST_HEIGHT, (sizeOf(node) / Math.max(total, 1e-9)) * (space - GAP * nodes.length));
    const bank = { node, y, height };
    y += height + GAP;
    return bank;
  });
}
