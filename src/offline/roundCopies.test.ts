import 'fake-indexeddb/auto';
import { afterEach, describe, expect, it } from 'vitest';
import { type CopiedMark, forgetCopies, readCopy, writeCopy } from './roundCopies';

const held = (id: string, changeId: string): [string, CopiedMark] => [
  id,
  { mark: { kind: 'note', id, atSeconds: 1, note: changeId } as CopiedMark['mark'], changeId },
];
const changesIn = async (scopeId: string) => (await readCopy(scopeId))?.map((one) => one.changeId).sort();

describe('the copy of a round on this machine', () => {
  afterEach(forgetCopies);

  it('is there once it was written, also without a mark', async () => {
    expect(await readCopy('r')).toBeUndefined();
    await writeCopy('r', undefined, new Map());
    expect(await readCopy('r')).toEqual([]);
  });
  it('follows from state to state: new, changed and removed marks', async () => {
    const one = new Map([held('a', '1'), held('b', '1')]);
    await writeCopy('r', undefined, one);
    const two = new Map([...one, held('b', '2'), held('c', '1')]);
    two.delete('a');
    await writeCopy('r', one, two);
    expect((await readCopy('r'))?.map(({ mark, changeId }) => [mark.id, changeId])).toEqual([
      ['b', '2'],
      ['c', '1'],
    ]);
  });
  it('is written whole in place of an old one when nothing is known of that', async () => {
    await writeCopy('r', undefined, new Map([held('old', '1'), held('both', '1')]));
    await writeCopy('r', undefined, new Map([held('both', '2')]));
    expect(await changesIn('r')).toEqual(['2']);
  });
  it('belongs to its round alone, and is gone after signing out', async () => {
    await writeCopy('r', undefined, new Map([held('a', '1')]));
    await writeCopy('s', undefined, new Map([held('a', '2')]));
    expect(await changesIn('r')).toEqual(['1']);
    expect(await changesIn('s')).toEqual(['2']);
    await forgetCopies();
    expect(await readCopy('r')).toBeUndefined();
  });
});
