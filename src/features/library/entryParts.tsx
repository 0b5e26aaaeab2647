'use client';

import { styled } from 'styled-components';
import { color, font, size, space } from '@/ui/tokens/tokens';

export const Cue = styled.p`
  font-family: ${font.serif}; font-size: 21px; line-height: 1.4; max-width: 60ch;
`;
export const Links = styled.p`
  a { white-space: nowrap; }
  line-height: 1.9;
`;
export const Caution = styled.p`
  border-left: 3px solid ${color.focus}; padding-left: ${space(3)}; max-width: 70ch; font-size: ${size.body};
`;

export const Paths = styled.div`
  display: grid; grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) minmax(0, 1fr); gap: ${space(6)}; align-items: start;
  h3 { font-size: ${size.small}; color: ${color.quiet}; font-weight: 400; border-bottom: 1px solid ${color.rule}; margin-bottom: ${space(1)}; }
  .here { font-family: ${font.serif}; font-size: 24px; text-align: center; padding: ${space(4)} 0; border-top: 3px solid ${color.focus}; border-bottom: 1px solid ${color.rule}; }
  ul { list-style: none; margin: 0; padding: 0; }
  li { display: flex; align-items: baseline; gap: ${space(2)}; padding: 2px 0; }
  .usual { color: ${color.quiet}; font-size: ${size.small}; margin-left: auto; white-space: nowrap; }
  .track { width: 56px; flex: none; align-self: center; }
  .bar { display: block; height: 5px; background: ${color.focus}; margin-left: auto; }
`;
