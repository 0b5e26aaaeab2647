import { measureRuns } from './runs';

console.log(
  measureRuns()
    .map((l) => l.what + ': ' + l.measured)
    .join('\n'),
);
