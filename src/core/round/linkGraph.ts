import { present } from '../kernel';
import { linksOf, type Mark } from '../marks';

/** The links of a round by place in its marks: what each mark led to, without what is not there. */
export interface LinkGraph {
  readonly marks: readonly Mark[];
  readonly below: readonly (readonly number[])[];
}

const nothing: readonly number[] = [];

export function linkGraphOf(marks: readonly Mark[]): LinkGraph {
  const placeOf = new Map<string, number>();
  for (let place = 0; place < marks.length; place += 1) placeOf.set(present(marks[place]).id, place);
  const below = marks.map((mark): readonly number[] => {
    const links = linksOf(mark);
    return links.length === 0 ? nothing : links.flatMap((id) => placeOf.get(id) ?? []);
  });
  return { marks, below };
}

/** Gives for a place all places that it led to, near and far, each once and without itself. Safe on circles; made once for many questions. */
export function descendantFinder({ marks, below }: LinkGraph): (place: number) => readonly number[] {
  const askedLast = new Int32Array(marks.length);
  let asked = 0;
  return (place) => {
    if (present(below[place]).length === 0) return nothing;
    asked += 1;
    askedLast[place] = asked;
    const found: number[] = [];
    const open = [place];
    while (open.length > 0) {
      for (const next of present(below[present(open.pop())])) {
        if (askedLast[next] === asked) continue;
        askedLast[next] = asked;
        found.push(next);
        open.push(next);
      }
    }
    return found;
  };
}

/** For each place the moment of the last thing that it led to, near or far; its own moment where it led to nothing. Safe on circles. */
export function latestBelow({ marks, below }: LinkGraph): Float64Array {
  const latest = Float64Array.from(marks, (mark) => mark.atSeconds);
  const settled = new Uint8Array(marks.length);
  const visit = (place: number): number => {
    if (settled[place] === 1 || present(below[place]).length === 0) return present(latest[place]);
    settled[place] = 1;
    let last = present(latest[place]);
    for (const next of present(below[place])) last = Math.max(last, visit(next));
    latest[place] = last;
    return last;
  };
  // From the last mark backwards, so that what lies below is known already and nothing goes deep.
  for (let place = marks.length - 1; place >= 0; place -= 1) visit(place);
  return latest;
}
