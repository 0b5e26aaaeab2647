'use client';

import { FieldError } from 'react-aria-components/FieldError';
import { Input } from 'react-aria-components/Input';
import { Label } from 'react-aria-components/Label';
import { Text } from 'react-aria-components/Text';
import { TextField as AriaTextField, type TextFieldProps as AriaTextFieldProps } from 'react-aria-components/TextField';
import { styled } from 'styled-components';
import { color, size, space } from '../tokens/tokens';

export interface TextFieldProps extends AriaTextFieldProps {
  readonly label: string;
  readonly hint?: string;
  /** What is wrong with the value; shown below and read out. */
  readonly problem?: string;
  readonly unit?: string;
  readonly inputMode?: 'numeric' | 'decimal' | 'text';
}

export const fieldLabel = `font-size: ${size.small}; color: ${color.quiet};`;

const Field = styled(AriaTextField)`
  display: flex; flex-direction: column; gap: 2px; min-width: 0;
  label { ${fieldLabel} }
  .line { display: flex; align-items: baseline; gap: ${space(1.5)}; }
  input {
    width: 100%; min-width: 0; height: 34px; padding: 0 ${space(2)}; border: 0; border-bottom: 1px solid ${color.strongRule};
    border-radius: 0; background: ${color.raised};
  }
  input[data-invalid] { border-bottom: 2px solid ${color.harm}; }
  .hint { font-size: ${size.small}; color: ${color.quiet}; }
  .react-aria-FieldError { font-size: ${size.small}; color: ${color.harm}; font-weight: 600; }
`;

export function TextField({ label, hint, problem, unit, inputMode, ...props }: TextFieldProps) {
  return (
    <Field {...props} isInvalid={problem !== undefined || undefined}>
      <Label>{label}</Label>
      <div className="line">
        <Input inputMode={inputMode} />
        {unit ? <span>{unit}</span> : null}
      </div>
      {hint ? (
        <Text slot="description" className="hint">
          {hint}
        </Text>
      ) : null}
      <FieldError>{problem}</FieldError>
    </Field>
  );
}
