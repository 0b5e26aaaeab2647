'use client';

import { styled } from 'styled-components';
import { color, font, space } from '@/ui/tokens/tokens';

/** One printed page of a class. */
export const ClassPaper = styled.article`
  max-width: 190mm; margin: ${space(6)} auto; font-size: 12.5px; line-height: 1.35; background: #fff; color: #1d1f1a; padding: 10mm; border: 1px solid ${color.rule};
  header { display: flex; align-items: flex-end; gap: ${space(3)}; border-bottom: 3px double #555; padding-bottom: ${space(2)}; }
  h1 { font-size: 24px; } .when { font-family: ${font.serif}; font-size: 15px; } .end { margin-left: auto; text-align: right; }
  table { margin-top: ${space(2)}; } td { vertical-align: top; padding: 3px 8px 4px 0; border-bottom: 1px solid #ccc; }
  td.time { font-family: ${font.serif}; font-size: 15px; width: 44px; } td.min { width: 64px; white-space: nowrap; }
  strong { font-family: ${font.serif}; font-size: 14.5px; } .small { color: #444; }
  .pairs { display: grid; grid-template-columns: repeat(4, 1fr); gap: 10px; margin-top: ${space(3)}; } .pairs h2 { font-size: 13px; margin-bottom: 2px; } .pairs div { break-inside: avoid; }
  .cautions { margin-top: ${space(3)}; border-left: 4px solid #b26a08; padding-left: 8px; font-size: 11px; }
  .actions { display: flex; gap: ${space(3)}; margin-bottom: ${space(4)}; }
  .box { display: inline-block; width: 11px; height: 11px; border: 1px solid #333; margin-right: 5px; }
  @page { size: A4; margin: 10mm; }
  @media print {
    margin: 0; padding: 0; border: 0; max-width: none; font-size: 11px; line-height: 1.28;
    .actions { display: none; }
    & + & { break-before: page; }
    td { padding-block: 2px 2px; }
    strong { font-size: 13px; }
    .cautions { font-size: 10px; }
    &[data-dense] { font-size: 10px; }
  }
`;
