import Link from 'next/link';
import { Row } from '@/ui/layout/Page';
import { type Moments, momentAddress } from './moments';

/** The moments of footage that something rests on, each opening there. */
export function Evidences({ markIds, evidence }: { readonly markIds: readonly string[]; readonly evidence: Moments }) {
  const found = markIds.flatMap((id) => evidence[id] ?? []);
  if (found.length === 0) return null;
  return (
    <Row>
      {found.map((moment) => (
        <Link key={moment.markId} href={momentAddress(moment)}>
          ▸ {moment.at}
        </Link>
      ))}
    </Row>
  );
}
