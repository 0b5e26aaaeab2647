'use client';

import { useRef } from 'react';
import { Button } from 'react-aria-components/Button';
import { ComboBox } from 'react-aria-components/ComboBox';
import { Input } from 'react-aria-components/Input';
import { Label } from 'react-aria-components/Label';
import { ListBox, ListBoxItem } from 'react-aria-components/ListBox';
import { styled } from 'styled-components';
import { color, size, space } from '../tokens/tokens';
import { Floating } from './Select';
import { fieldLabel } from './TextField';

const Field = styled(ComboBox)`
  display: flex; flex-direction: column; gap: 2px; min-width: 0;
  label { ${fieldLabel} }
  .line { display: flex; border-bottom: 1px solid ${color.strongRule}; background: ${color.raised}; }
  input { width: 100%; min-width: 0; height: 34px; padding: 0 ${space(2)}; border: 0; background: transparent; }
  .problem { color: ${color.harm}; font-size: ${size.small}; font-weight: 600; }
  .line button { border: 0; background: none; padding: 0 ${space(2)}; cursor: pointer; color: ${color.quiet}; }
`;
const Aside = styled.span`
  color: ${color.quiet}; font-size: ${size.small}; margin-left: ${space(2)};
`;

const Nothing = styled.p`
  color: ${color.quiet}; font-size: ${size.small}; padding: ${space(1.5)} ${space(3)};
`;

export interface ComboOption {
  readonly id: string;
  readonly label: string;
  readonly aside?: string;
}

export interface ComboFieldProps {
  readonly label: string;
  readonly text: string;
  readonly onText: (text: string) => void;
  /** What fits the text, best first; the caller finds them. */
  readonly options: readonly ComboOption[];
  readonly onChoose: (id: string) => void;
  readonly placeholder?: string;
  readonly autoFocus?: boolean;
  readonly isDisabled?: boolean;
  /** What is wrong with the value; shown below and read out. */
  readonly problem?: string;
}

/** A field that offers what fits what is typed. */
export function ComboField(props: ComboFieldProps) {
  const { label, text, onText, options, onChoose, placeholder, autoFocus, isDisabled, problem } = props;
  // After a choice the package writes its name as if it were typed; the caller has already said what stands there.
  const choosing = useRef(false);
  return (
    <Field
      inputValue={text}
      onInputChange={(typed) => choosing.current || onText(typed)}
      items={options}
      defaultFilter={() => true}
      onChange={(key) => {
        if (key === null) return;
        choosing.current = true;
        setTimeout(() => {
          choosing.current = false;
        });
        onChoose(String(key));
      }}
      menuTrigger="input"
      allowsCustomValue
      // What fits arrives one drawing after the key: the list opens at once and fills.
      allowsEmptyCollection
      autoFocus={autoFocus}
      isDisabled={isDisabled}
      isInvalid={problem !== undefined}
    >
      <Label>{label}</Label>
      <div className="line">
        <Input placeholder={placeholder} />
        <Button aria-label="Show what fits">▾</Button>
      </div>
      {problem ? (
        <span className="problem" role="alert">
          {problem}
        </span>
      ) : null}
      <Floating>
        <ListBox<ComboOption> renderEmptyState={() => <Nothing>Nothing fits yet.</Nothing>}>
          {(option) => (
            <ListBoxItem id={option.id} textValue={option.label}>
              {option.label}
              {option.aside ? <Aside>{option.aside}</Aside> : null}
            </ListBoxItem>
          )}
        </ListBox>
      </Floating>
    </Field>
  );
}
