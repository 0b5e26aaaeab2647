'use client';

import { Button } from 'react-aria-components/Button';
import { Label } from 'react-aria-components/Label';
import { ListBox, ListBoxItem } from 'react-aria-components/ListBox';
import { Popover } from 'react-aria-components/Popover';
import { Select as AriaSelect, SelectValue } from 'react-aria-components/Select';
import { styled } from 'styled-components';
import { color, space } from '../tokens/tokens';
import { fieldLabel } from './TextField';

export interface SelectProps<Value extends string> {
  readonly label: string;
  readonly options: readonly { readonly value: Value; readonly label: string }[];
  readonly value: Value | undefined;
  readonly onChange: (value: Value) => void;
  readonly placeholder?: string;
  readonly problem?: string;
}

const Field = styled(AriaSelect)`
  display: flex; flex-direction: column; gap: 2px; min-width: 0;
  > span:first-child { ${fieldLabel} }
  > button {
    display: flex; justify-content: space-between; align-items: center; gap: ${space(2)}; height: 34px; padding: 0 ${space(2)};
    border: 0; border-bottom: 1px solid ${color.strongRule}; background: ${color.raised}; cursor: pointer; text-align: left;
  }
  .react-aria-SelectValue { white-space: nowrap; overflow: hidden; text-overflow: ellipsis; }
  .problem { color: ${color.harm}; font-size: 13.5px; font-weight: 600; }
`;

export const Floating = styled(Popover)`
  min-width: var(--trigger-width); max-height: 320px; overflow: auto; background: ${color.raised}; color: ${color.ink};
  border: 1px solid ${color.strongRule}; padding: ${space(1)} 0;
  .react-aria-ListBoxItem { padding: ${space(1.5)} ${space(3)}; cursor: pointer; outline: none; }
  .react-aria-ListBoxItem[data-focused] { background: ${color.focusWash}; }
  .react-aria-ListBoxItem[data-selected] { font-weight: 600; }
`;

export function Select<Value extends string>({
  label,
  options,
  value,
  onChange,
  placeholder,
  problem,
}: SelectProps<Value>) {
  return (
    <Field
      value={value ?? null}
      onChange={(key) => onChange(String(key) as Value)}
      isInvalid={problem !== undefined}
      placeholder={placeholder ?? 'Choose'}
    >
      <Label>{label}</Label>
      <Button>
        <SelectValue />
        <span aria-hidden>▾</span>
      </Button>
      {problem ? (
        <span className="problem" role="alert">
          {problem}
        </span>
      ) : null}
      <Floating>
        <ListBox>
          {options.map((option) => (
            <ListBoxItem key={option.value} id={option.value}>
              {option.label}
            </ListBoxItem>
          ))}
        </ListBox>
      </Floating>
    </Field>
  );
}
