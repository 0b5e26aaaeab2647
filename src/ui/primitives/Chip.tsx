'use client';

import { ToggleButton } from 'react-aria-components/ToggleButton';
import { styled } from 'styled-components';
import { color, size, space } from '../tokens/tokens';

/** A word that is so or not, by a press of the thumb. */
export const Chip = styled(ToggleButton)`
  background: none; border: 1px solid ${color.rule}; border-radius: 14px; padding: 2px ${space(2.5)}; min-height: 30px; font: inherit; font-size: ${size.small}; color: ${color.quiet}; cursor: pointer;
  &[data-selected] { background: ${color.ink}; border-color: ${color.ink}; color: ${color.ground}; }
  &[data-focus-visible] { outline: 2px solid ${color.focus}; outline-offset: 1px; }
`;
