import { scoreCalls, sharesOf } from '../tests/language/calls/scoreCalls';

const all = scoreCalls();
const show = (n: string, l: typeof all) =>
  console.log(
    n,
    l.length,
    Object.entries(sharesOf(l))
      .map(([k, v]) => `${k} ${v.toFixed(1)}`)
      .join('  '),
  );
show(
  'looked at',
  all.filter((o) => !o.apart),
);
show(
  'apart',
  all.filter((o) => o.apart),
);
if (process.argv[2])
  for (const o of all)
    if (!o.apart && (process.argv[2] === 'all' || process.argv[2].split(',').includes(o.result))) {
      const { draft } = o.reading as any;
      console.log(
        `${o.result}${o.doubted ? '?' : ''} ${o.line.id} | ${o.line.text} | ${o.line.meant} | ${draft?.kind} ${draft?.positionId ?? draft?.techniqueId ?? draft?.errorId ?? draft?.gripId ?? draft?.strengthId ?? ''} ${draft?.athlete ?? draft?.holder ?? ''} ${draft?.stage ?? ''} ${draft?.end ?? ''} ${draft?.punished ?? ''} ${draft?.verdict ?? ''} ${draft?.side ?? ''} ${draft?.note ? '"' + draft.note + '"' : ''} (${o.reading.confidence.toFixed(2)}) ${o.reading.choices
          .slice(0, 3)
          .map((c) => c.concept.id + ' ' + c.confidence.toFixed(2))
          .join(', ')}`,
      );
    }
