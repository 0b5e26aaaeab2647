import { buildVocabularyIndex, readCall } from '../src/core/callline';
import { plainHouse } from '../src/core/vocabulary';
import { sayingsAsTold } from '../src/core/vocabulary/sayings/asTold';
const index = buildVocabularyIndex(plainHouse, {}, sayingsAsTold);
const context = { uniform: 'gi' as const, state: { kind: 'position', positionId: 'side-control', holder: 'b' } as any, calledBy: { a: ['ana', 'a'], b: ['marek', 'm'] }, atSeconds: 5, roundStartSeconds: 0, marks: [] };
for (const typed of ['marek half gaurd pass with crosface finished', 'ana goes for the scissor sweep', 'good on his', 'pus f', 'a goo on f', 'ana tries to get the knee back in']) {
  const run = () => { for (let l = 1; l <= typed.length; l++) readCall(typed.slice(0, l), index, context); };
  run(); const t = performance.now(); for (let i = 0; i < 5; i++) run(); console.log(typed, ((performance.now() - t) / 5 / typed.length).toFixed(2), 'ms/key');
}
