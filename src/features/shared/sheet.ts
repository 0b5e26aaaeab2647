'use client';

import { styled } from 'styled-components';
import { color, font, size, space } from '@/ui/tokens/tokens';

/** A student's sheet: one column for a thumb, larger on a larger screen. */
export const Sheet = styled.main`
  max-width: 640px; margin: 0 auto; padding: ${space(5)} ${space(4)} ${space(14)}; display: flex; flex-direction: column; gap: ${space(6)}; font-size: 17px; line-height: 1.5;
  > header { display: flex; flex-direction: column; gap: ${space(1)}; border-bottom: 3px double ${color.strongRule}; padding-bottom: ${space(3)}; }
  > header .from { display: flex; align-items: center; gap: ${space(2)}; color: ${color.quiet}; font-size: ${size.small}; }
  h1 { font-family: ${font.serif}; font-size: 30px; line-height: 1.15; margin: 0; font-weight: 500; }
  h2 { font-family: ${font.serif}; font-size: 24px; line-height: 1.2; margin: 0; font-weight: 500; }
  h3 { font-family: ${font.sans}; font-size: ${size.small}; font-weight: 600; color: ${color.quiet}; margin: 0; }
  p { margin: 0; }
  section { display: flex; flex-direction: column; gap: ${space(3)}; }
  section[data-part='good'] { border-left: 5px solid ${color.good}; padding-left: ${space(4)}; }
  section[data-part='point'] { border-top: 1px solid ${color.strongRule}; padding-top: ${space(5)}; }
  .number { font-family: ${font.serif}; color: ${color.focusText}; font-size: 24px; }
  .cue { font-family: ${font.serif}; font-size: 22px; line-height: 1.3; border-left: 4px solid ${color.focus}; padding-left: ${space(3)}; }
  .quiet { color: ${color.quiet}; font-size: ${size.small}; }
  .homework { background: ${color.raised}; border: 1px solid ${color.rule}; padding: ${space(4)}; display: flex; flex-direction: column; gap: ${space(3)}; }
  div:has(> .homework) + div:has(> .homework) { margin-top: ${space(4)}; }
  .homework label { min-height: 44px; font-weight: 600; }
  button { min-height: 44px; }
  textarea { font-size: 17px; }
  ol.reviews, ul.plainly { list-style: none; margin: 0; padding: 0; display: flex; flex-direction: column; gap: ${space(3)}; }
  ol.reviews a { display: block; padding: ${space(4)}; border: 1px solid ${color.rule}; background: ${color.raised}; text-decoration: none; }
  @media print { button, video, textarea { display: none; } }
`;
