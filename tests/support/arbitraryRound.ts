import fc from 'fast-check';
import { hazards, type Mark } from '@/core/round';
import { errors, grips, positions, strengths, techniques } from '@/core/vocabulary';

export const span = { startSeconds: 10, endSeconds: 310 };

const athlete = fc.constantFrom('a' as const, 'b' as const);
const id = fc.uuid({ version: 4 });
// Whole half seconds, so that several marks often share an instant.
const at = fc.integer({ min: 20, max: 620 }).map((half) => half / 2);
const pick = (items: readonly { readonly id: string }[]) => fc.constantFrom(...items.map((one) => one.id));

const position = fc.record({
  id,
  atSeconds: at,
  kind: fc.constant('position' as const),
  positionId: pick(positions),
  holder: fc.option(athlete, { nil: undefined }),
});
const grip = fc.record({
  id,
  atSeconds: at,
  kind: fc.constant('grip' as const),
  gripId: pick(grips),
  athlete,
  outcome: fc.constantFrom('got' as const, 'broken' as const, 'lost' as const),
});
const attempt = fc
  .record({
    id,
    atSeconds: at,
    kind: fc.constant('attempt' as const),
    techniqueId: pick(techniques),
    athlete,
    stage: fc.constantFrom('entry' as const, 'control' as const, 'locked' as const, 'finished' as const),
    lasts: fc.option(fc.integer({ min: 0, max: 20 }), { nil: undefined }),
  })
  .map(({ lasts, ...mark }) =>
    lasts === undefined ? mark : { ...mark, endSeconds: Math.min(span.endSeconds, mark.atSeconds + lasts) },
  );
const error = fc.record({
  id,
  atSeconds: at,
  kind: fc.constant('error' as const),
  errorId: pick(errors),
  athlete,
  punished: fc.constantFrom('yes' as const, 'no' as const, undefined),
  ledTo: fc.constant([] as string[]),
});
const strength = fc.record({
  id,
  atSeconds: at,
  kind: fc.constant('strength' as const),
  strengthId: pick(strengths),
  athlete,
});
const stoppage = fc
  .record({ id, atSeconds: at, kind: fc.constant('stoppage' as const), lasts: fc.integer({ min: 1, max: 25 }) })
  .map(({ lasts, ...mark }) => ({ ...mark, endSeconds: Math.min(span.endSeconds, mark.atSeconds + lasts) }));

const hazard = fc.record({
  id,
  atSeconds: at,
  kind: fc.constant('hazard' as const),
  hazard: fc.constantFrom(...hazards),
});

/** Marks of a round with their links: anything may have led to any later mark, errors more often. */
export const arbitraryMarks: fc.Arbitrary<Mark[]> = fc
  .tuple(
    fc.array(fc.oneof(position, position, grip, attempt, error, error, strength, stoppage, hazard), { maxLength: 40 }),
    fc.infiniteStream(fc.nat()),
  )
  .map(([marks, draws]) =>
    marks.map((mark) => {
      const isError = mark.kind === 'error';
      if (!isError && draws.next().value! % 5 !== 0) return mark as Mark;
      const later = marks.filter((one) => one.atSeconds > mark.atSeconds);
      const count = later.length === 0 ? 0 : draws.next().value! % 3;
      const ledTo = Array.from({ length: count }, () => later[draws.next().value! % later.length]!.id);
      return { ...mark, ledTo: [...new Set(ledTo)] } as Mark;
    }),
  );
