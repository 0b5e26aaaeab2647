'use client';

import { Label } from 'react-aria-components/Label';
import { Radio, RadioGroup } from 'react-aria-components/RadioGroup';
import { styled } from 'styled-components';
import { color, space } from '../tokens/tokens';
import { Button } from './Button';
import { fieldLabel } from './TextField';

export interface ChoiceProps<Value extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: Value; readonly label: string }[];
  readonly value: Value | undefined;
  readonly onChange: (value: Value) => void;
  readonly problem?: string;
  /** Takes the choice back; without it one of them stays taken. */
  readonly onClear?: () => void;
}

const Group = styled(RadioGroup)`
  display: flex; flex-direction: column; gap: 2px;
  > span:first-child { ${fieldLabel} }
  .line { display: flex; gap: ${space(2)}; align-items: center; }
  .options { display: flex; border: 1px solid ${color.strongRule}; border-radius: 2px; width: fit-content; background: ${color.raised}; }
  .problem { color: ${color.harm}; font-size: 13.5px; font-weight: 600; }
`;

const Option = styled(Radio)`
  padding: ${space(1)} ${space(2.5)}; min-height: 32px; cursor: pointer; display: flex; align-items: center;
  & + & { border-left: 1px solid ${color.rule}; }
  &[data-selected] { background: ${color.ink}; color: ${color.ground}; }
  &[data-focus-visible] { outline: 2px solid ${color.focus}; outline-offset: 1px; }
`;

/** A few options side by side, one of them taken. */
export function Choice<Value extends string>({
  label,
  options,
  value,
  onChange,
  problem,
  onClear,
}: ChoiceProps<Value>) {
  return (
    <Group value={value ?? null} onChange={(next) => onChange(next as Value)} isInvalid={problem !== undefined}>
      <Label>{label}</Label>
      <div className="line">
        <div className="options">
          {options.map((option) => (
            <Option key={option.value} value={option.value}>
              {option.label}
            </Option>
          ))}
        </div>
        {onClear && value !== undefined ? (
          <Button look="plain" aria-label={`${label}: not said`} onPress={onClear}>
            not said
          </Button>
        ) : null}
      </div>
      {problem ? (
        <span className="problem" role="alert">
          {problem}
        </span>
      ) : null}
    </Group>
  );
}
