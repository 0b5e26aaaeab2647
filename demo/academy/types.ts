/** One call of the coach: seconds of round time, what was said, and what it led to. */
export interface DemoCall {
  readonly at: number;
  readonly call: string;
  readonly tag?: string;
  readonly ledTo?: readonly string[];
  /** When what was called ended. */
  readonly until?: number;
}

export interface DemoAthlete {
  readonly key: string;
  readonly kit: 'white' | 'blue' | 'black' | 'rash-green' | 'rash-plum';
  readonly toldApartBy: string;
}

export interface DemoRound {
  readonly key: string;
  /** Days before today. */
  readonly daysAgo: number;
  readonly numberInSession: number;
  readonly uniform: 'gi' | 'no-gi';
  readonly seconds: number;
  /** What the rules give the round, when it went on after that: into an overtime. */
  readonly plannedSeconds?: number;
  readonly theme: string;
  readonly occasion: 'sparring' | 'positional' | 'competition';
  readonly ruleSet: string;
  /** Whether footage is drawn and shipped for it. */
  readonly filmed: boolean;
  readonly a: DemoAthlete;
  readonly b: DemoAthlete;
  readonly calls: readonly DemoCall[];
}

/** Seconds of footage before the bell and after the end. */
export const LEAD_IN_SECONDS = 3;
export const LEAD_OUT_SECONDS = 3;

/** A call written as "1:12 ana mount", with "#tag" to be led to and ">tag" for what it led to; "~1:40" for when it ended. */
export function calls(text: string): DemoCall[] {
  return text
    .trim()
    .split('\n')
    .map((line) => {
      const match = /^\s*(\d+):(\d\d)(?:\.(\d))?\s+(.+)$/.exec(line);
      if (!match) throw new Error(`calls: a line must begin with a time: ${line}`);
      const words = match[4]!.split(/\s+/);
      const tag = words.find((word) => word.startsWith('#'))?.slice(1);
      const ledTo = words.filter((word) => word.startsWith('>')).map((word) => word.slice(1));
      const [, minutes, seconds] = /^~(\d+):(\d\d)$/.exec(words.find((word) => word.startsWith('~')) ?? '') ?? [];
      const until = minutes === undefined ? undefined : Number(minutes) * 60 + Number(seconds);
      const call = words.filter((word) => !/^[#>~]/.test(word)).join(' ');
      return { at: Number(match[1]) * 60 + Number(match[2]) + Number(match[3] ?? 0) / 10, call, tag, ledTo, until };
    });
}
