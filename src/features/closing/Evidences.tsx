import Link from 'next/link';
import { Row } from '@/ui/layout/Page';

export type Moments = Readonly<Record<string, { readonly at: string; readonly mediaSeconds: number }>>;

/** The moments of footage that something rests on, each opening there. */
export function Evidences({
  roundId,
  markIds,
  evidence,
}: {
  readonly roundId: string;
  readonly markIds: readonly string[];
  readonly evidence: Moments;
}) {
  const found = markIds.flatMap((id) => (evidence[id] ? [{ id, ...evidence[id] }] : []));
  if (found.length === 0) return null;
  return (
    <Row>
      {found.map(({ id, at, mediaSeconds }) => (
        <Link key={id} href={`/rounds/${roundId}?at=${Math.max(0, mediaSeconds - 1).toFixed(2)}&mark=${id}`}>
          ▸ {at}
        </Link>
      ))}
    </Row>
  );
}
