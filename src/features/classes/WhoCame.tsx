'use client';

import { useState } from 'react';
import { styled } from 'styled-components';
import type { Outcome } from '@/core/kernel';
import { logGroup, logHowItWas } from '@/server/classes/classActions';
import { Button, Checkbox, Chip, TextField } from '@/ui/primitives';
import { space } from '@/ui/tokens/tokens';

const People = styled.ul`
  list-style: none; margin: 0; padding: 0; columns: 2; column-gap: ${space(10)};
  li { break-inside: avoid; min-height: 40px; display: flex; flex-wrap: wrap; gap: ${space(2)}; align-items: center; }
  li > :first-child { flex: 1 1 180px; }
  .hurt { flex-basis: 100%; padding-bottom: ${space(2)}; }
  @media (max-width: 860px) { columns: 1; }
`;
/** How a class was for somebody who came. */
export interface HowItWas {
  readonly struggled: boolean;
  readonly hurt: string;
}
const well: HowItWas = { struggled: false, hurt: '' };

interface WhoCameProps {
  readonly classId: string;
  readonly people: readonly { readonly id: string; readonly name: string }[];
  readonly came: Readonly<Record<string, boolean>>;
  readonly howItWas: Readonly<Record<string, HowItWas>>;
  /** In which group each was, where there were two; 0 is both. */
  readonly groupOf?: Readonly<Record<string, number>>;
  readonly onTick: (personId: string, isThere: boolean) => void;
  /** Sends a change, and takes it back where it is not kept. */
  readonly onSend: (sent: Promise<Outcome>, takeBack: () => void) => Promise<void>;
}

/** Who came, and of each whether they struggled and what hurt. */
export function WhoCame({ classId, people, came, howItWas, groupOf, onTick, onSend }: WhoCameProps) {
  const [how, setHow] = useState(howItWas);
  const [asked, setAsked] = useState<ReadonlySet<string>>(new Set());
  const say = (personId: string, next: HowItWas) => {
    const before = how[personId] ?? well;
    setHow((all) => ({ ...all, [personId]: next }));
    void onSend(logHowItWas(classId, personId, next), () => setHow((all) => ({ ...all, [personId]: before })));
  };
  return (
    <People aria-label="Who came">
      {people.map(({ id, name }) => {
        const own = how[id] ?? well;
        const isAsked = asked.has(id) || own.hurt !== '';
        return (
          <li key={id}>
            <Checkbox isSelected={came[id] === true} onChange={(isThere) => onTick(id, isThere)}>
              {name}
            </Checkbox>
            {came[id] ? (
              <>
                {groupOf ? (
                  <InGroup
                    key={groupOf[id] ?? 0}
                    name={name}
                    group={groupOf[id] ?? 0}
                    onSay={(group, takeBack) => void onSend(logGroup(classId, id, group), takeBack)}
                  />
                ) : null}
                <Chip
                  aria-label={`${name} struggled`}
                  isSelected={own.struggled}
                  onChange={(struggled) => say(id, { ...own, struggled })}
                >
                  struggled
                </Chip>
                <Chip
                  aria-label={`${name}: hurt`}
                  isSelected={isAsked}
                  onChange={(isHurt) => {
                    setAsked((all) => new Set(isHurt ? [...all, id] : [...all].filter((one) => one !== id)));
                    if (!isHurt && own.hurt) say(id, { ...own, hurt: '' });
                  }}
                >
                  hurt
                </Chip>
                {isAsked ? (
                  <div className="hurt">
                    <Hurt name={name} hurt={own.hurt} onSay={(hurt) => say(id, { ...own, hurt })} />
                  </div>
                ) : null}
              </>
            ) : null}
          </li>
        );
      })}
    </People>
  );
}

const groupTitles = ['both groups', 'group 1', 'group 2'] as const;

interface InGroupProps {
  readonly name: string;
  readonly group: number;
  readonly onSay: (group: number, takeBack: () => void) => void;
}

/** In which of two groups somebody was: pressed on through the two and both. */
function InGroup({ name, group, onSay }: InGroupProps) {
  const [now, setNow] = useState(group);
  const next = (now + 1) % groupTitles.length;
  const press = () => {
    setNow(next);
    onSay(next, () => setNow(now));
  };
  return (
    <Button look="plain" aria-label={`${name} was in ${groupTitles[now]}: change`} onPress={press}>
      {groupTitles[now]}
    </Button>
  );
}

interface HurtProps {
  readonly name: string;
  readonly hurt: string;
  readonly onSay: (hurt: string) => void;
}

/** What hurts, kept when the field is left. */
function Hurt({ name, hurt, onSay }: HurtProps) {
  const [written, setWritten] = useState(hurt);
  return (
    <TextField
      label={`What hurts ${name}`}
      hint="Such as left knee. Nothing that loads it is planned for two weeks; for pain ask a licensed medical person."
      value={written}
      maxLength={200}
      onChange={setWritten}
      onBlur={() => {
        if (written.trim() !== hurt) onSay(written.trim());
      }}
    />
  );
}
