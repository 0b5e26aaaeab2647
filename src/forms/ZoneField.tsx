'use client';

import { useMemo } from 'react';
import { ComboField } from '@/ui/primitives';

export interface ZoneFieldProps {
  readonly value: string;
  /** Told of what is written: the check of the form refuses what is no zone, with words. */
  readonly onChange: (timeZone: string) => void;
  readonly isDisabled?: boolean;
  readonly problem?: string;
}

const MOST_OFFERED = 30;
/** Zones are looked for by the place or the continent, in any writing. */
const plainOf = (text: string): string =>
  text
    .toLowerCase()
    .replaceAll(/[_\s]+/g, ' ')
    .trim();

/** The time zone that the academy's clocks keep, found by a place in it. */
export function ZoneField({ value, onChange, isDisabled, problem }: ZoneFieldProps) {
  const zones = useMemo(() => ['UTC', ...Intl.supportedValuesOf('timeZone')], []);
  const wanted = plainOf(value);
  const options = zones
    .filter((zone) => plainOf(zone).includes(wanted))
    .slice(0, MOST_OFFERED)
    .map((zone) => ({ id: zone, label: zone.replaceAll('_', ' ') }));
  return (
    <ComboField
      label="Time zone"
      text={value}
      onText={onChange}
      onChoose={onChange}
      {...{ options, isDisabled, problem }}
    />
  );
}
