'use client';

import { FieldError } from 'react-aria-components/FieldError';
import { Label } from 'react-aria-components/Label';
import { TextArea as AriaTextArea } from 'react-aria-components/TextArea';
import { TextField as AriaTextField, type TextFieldProps as AriaTextFieldProps } from 'react-aria-components/TextField';
import { styled } from 'styled-components';
import { color, size, space } from '../tokens/tokens';
import { fieldLabel } from './TextField';

export interface TextAreaProps extends AriaTextFieldProps {
  readonly label: string;
  readonly rows?: number;
  /** What is wrong with the text; shown below and read out. */
  readonly problem?: string;
}

const Field = styled(AriaTextField)`
  display: flex; flex-direction: column; gap: 2px; min-width: 0;
  label { ${fieldLabel} }
  textarea { width: 100%; padding: ${space(1.5)} ${space(2)}; border: 0; border-bottom: 1px solid ${color.strongRule}; background: ${color.raised}; font: inherit; font-size: ${size.body}; line-height: 1.4; resize: vertical; field-sizing: content; }
  .react-aria-FieldError { font-size: ${size.small}; color: ${color.harm}; font-weight: 600; }
`;

/** Several lines of text, growing with what is written. */
export function TextArea({ label, rows = 2, problem, ...props }: TextAreaProps) {
  return (
    <Field {...props} isInvalid={problem !== undefined || undefined}>
      <Label>{label}</Label>
      <AriaTextArea rows={rows} />
      <FieldError>{problem}</FieldError>
    </Field>
  );
}
