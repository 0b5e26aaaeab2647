export interface Phrase {
  readonly text: string;
  readonly conceptId: string;
  readonly positionId?: string;
}

/** Lines of "text > concept id @position". Throws on a line that is none. */
export function readPhrases(lines: string): Phrase[] {
  return lines
    .trim()
    .split('\n')
    .map((line) => {
      const match = /^(.+) > (\S+)(?: @(\S+))?$/.exec(line.trim());
      if (!match) throw new Error(`readPhrases: not a phrase: ${line}`);
      return { text: match[1]!, conceptId: match[2]!, positionId: match[3] };
    });
}
