'use client';

import { parseDate } from '@internationalized/date';
import { CalendarDays, ChevronLeft, ChevronRight } from 'lucide-react';
import { useRef, useState } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import {
  Calendar,
  CalendarCell,
  CalendarGrid,
  CalendarGridBody,
  CalendarGridHeader,
  CalendarHeaderCell,
  CalendarHeading,
} from 'react-aria-components/Calendar';
import { Dialog } from 'react-aria-components/Dialog';
import { Popover } from 'react-aria-components/Popover';
import { styled } from 'styled-components';
import { color, size, space } from '../tokens/tokens';

const Opener = styled(AriaButton)`
  flex: none; width: 34px; height: 34px; display: grid; place-items: center; border: 0; border-bottom: 1px solid ${color.strongRule};
  background: ${color.raised}; color: ${color.quiet}; cursor: pointer;
  &[data-hovered] { color: ${color.ink}; }
`;
const Leaf = styled(Popover)`
  background: ${color.raised}; color: ${color.ink}; border: 1px solid ${color.strongRule}; padding: ${space(3)};
  section { outline: none; }
  header { display: flex; align-items: center; justify-content: space-between; gap: ${space(2)}; padding-bottom: ${space(2)}; }
  h2 { font-size: ${size.body}; font-weight: 600; }
  header button { border: 0; background: none; color: ${color.ink}; cursor: pointer; display: grid; place-items: center; width: 30px; height: 30px; }
  header button[data-disabled] { opacity: 0.3; }
  th { font-size: ${size.small}; color: ${color.quiet}; font-weight: 400; padding: 2px; }
  td { padding: 0; }
  td > div { width: 34px; height: 30px; display: grid; place-items: center; cursor: pointer; outline: none; font-variant-numeric: lining-nums; }
  td > div[data-hovered] { background: ${color.sunken}; }
  td > div[data-outside-month] { visibility: hidden; }
  td > div[data-selected] { background: ${color.ink}; color: ${color.ground}; }
  td > div[data-focus-visible] { box-shadow: inset 0 0 0 2px ${color.focus}; }
`;

export interface CalendarButtonProps {
  /** What the day is of: "Born on". */
  readonly label: string;
  /** The day as YYYY-MM-DD; anything else is no day yet. */
  readonly value: string;
  readonly onChoose: (day: string) => void;
}

/** Opens a month to choose a day from. */
export function CalendarButton({ label, value, onChoose }: CalendarButtonProps) {
  const opener = useRef<HTMLButtonElement>(null);
  const [isOpen, setOpen] = useState(false);
  const chosen = /^\d{4}-\d{2}-\d{2}$/.test(value) ? parseDate(value) : null;
  return (
    <>
      <Opener ref={opener} aria-label="Calendar" onPress={() => setOpen(true)}>
        <CalendarDays size={17} aria-hidden />
      </Opener>
      <Leaf triggerRef={opener} isOpen={isOpen} onOpenChange={setOpen} placement="bottom end">
        <Dialog aria-label={label}>
          <Calendar
            aria-label={label}
            defaultValue={chosen}
            autoFocus
            onChange={(day) => {
              onChoose(day.toString());
              setOpen(false);
            }}
          >
            <header>
              <AriaButton slot="previous">
                <ChevronLeft size={18} aria-hidden />
              </AriaButton>
              <CalendarHeading />
              <AriaButton slot="next">
                <ChevronRight size={18} aria-hidden />
              </AriaButton>
            </header>
            <CalendarGrid>
              <CalendarGridHeader>{(day) => <CalendarHeaderCell>{day}</CalendarHeaderCell>}</CalendarGridHeader>
              <CalendarGridBody>{(date) => <CalendarCell date={date} />}</CalendarGridBody>
            </CalendarGrid>
          </Calendar>
        </Dialog>
      </Leaf>
    </>
  );
}
