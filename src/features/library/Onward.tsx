import Link from 'next/link';
import { findPosition, positions, standardIdOf } from '@/core/vocabulary';
import { Quiet, Section } from '@/ui/layout/Page';
import { Paths } from './entryParts';

const usualWords = ['', 'now and then', 'sometimes', 'often', 'very often', 'most often'];

/** The position graph from one place: what leads here, what comes next, and how often that was so in this academy. */
export function Onward({
  id,
  seen,
  wordOf,
}: {
  readonly id: string;
  readonly seen: readonly { readonly positionId: string; readonly count: number }[];
  readonly wordOf: (id: string) => string;
}) {
  const standard = standardIdOf(id);
  const next = [...(findPosition(id)?.nextCalls ?? [])].sort((one, other) => other[1] - one[1]);
  const before = positions.filter((one) => one.nextCalls.some(([call]) => call === standard)).map((one) => one.id);
  const most = Math.max(1, ...seen.map((one) => one.count));
  return (
    <Section>
      <h2>From here</h2>
      <div className="note">Walk on by choosing a name.</div>
      <div className="matter">
        <Paths>
          <div>
            <h3>Often comes from</h3>
            <ul>
              {before.map((one) => (
                <li key={one}>
                  <Link href={`/library/${one}`}>{wordOf(one)}</Link>
                </li>
              ))}
            </ul>
          </div>
          <div>
            <div className="here">{wordOf(id)}</div>
            <h3 style={{ marginTop: 16 }}>Seen here next, in this academy</h3>
            {seen.length === 0 ? <Quiet>Not marked often enough yet.</Quiet> : null}
            <ul>
              {seen.slice(0, 10).map(({ positionId, count }) => (
                <li key={positionId}>
                  <span className="track">
                    <span className="bar" style={{ width: `${(count / most) * 56}px` }} />
                  </span>
                  <Link href={`/library/${positionId}`}>{wordOf(positionId)}</Link>
                  <span className="usual">{count === 1 ? 'once' : `${count} times`}</span>
                </li>
              ))}
            </ul>
          </div>
          <div>
            <h3>Usually next</h3>
            <ul>
              {next.map(([call, weight]) => (
                <li key={call}>
                  <Link href={`/library/${call}`}>{wordOf(call)}</Link>
                  <span className="usual">{usualWords[weight]}</span>
                </li>
              ))}
            </ul>
          </div>
        </Paths>
      </div>
    </Section>
  );
}
