'use client';

import { Button as AriaButton, type ButtonProps as AriaButtonProps } from 'react-aria-components/Button';
import { styled } from 'styled-components';
import { color, motion, size, space } from '../tokens/tokens';

export interface ButtonProps extends AriaButtonProps {
  /** `lead` is the one next step of a page; `plain` looks like text; `harm` takes something away. */
  readonly look?: 'lead' | 'quiet' | 'plain' | 'harm';
}

const StyledButton = styled(AriaButton)`
  display: inline-flex; align-items: center; justify-content: center; gap: ${space(2)};
  min-height: 34px; padding: ${space(1)} ${space(3.5)};
  border: 1px solid ${color.strongRule}; border-radius: 2px; background: transparent; color: ${color.ink};
  font-size: ${size.body}; line-height: 1.2; cursor: pointer; transition: background ${motion.quick};
  &[data-look='lead'] { background: ${color.ink}; color: ${color.ground}; border-color: ${color.ink}; font-weight: 600; }
  &[data-look='plain'] { border-color: transparent; padding-inline: ${space(2)}; text-decoration: underline; text-decoration-color: ${color.strongRule}; text-underline-offset: 3px; }
  &[data-look='harm'] { border-color: ${color.harm}; color: ${color.harm}; }
  &[data-hovered] { background: ${color.sunken}; }
  &[data-look='lead'][data-hovered] { background: ${color.quiet}; border-color: ${color.quiet}; }
  &[data-pressed] { background: ${color.rule}; }
  &[data-disabled] { opacity: 0.5; cursor: default; }
`;

export function Button({ look = 'quiet', ...props }: ButtonProps) {
  return <StyledButton {...props} data-look={look} />;
}
