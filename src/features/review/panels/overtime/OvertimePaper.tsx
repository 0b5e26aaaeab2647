'use client';

import { styled } from 'styled-components';
import { color, font, space } from '@/ui/tokens/tokens';

/** The printed page of an overtime. */
export const OvertimePaper = styled.main`
  max-width: 190mm; margin: ${space(6)} auto; font-size: 13px; line-height: 1.4; background: #fff; color: #1d1f1a; padding: 10mm; border: 1px solid ${color.rule};
  header { display: flex; align-items: flex-end; gap: ${space(3)}; border-bottom: 3px double #555; padding-bottom: ${space(2)}; }
  h1 { font-size: 24px; } h2 { font-size: 16px; margin-top: ${space(4)}; }
  .actions { display: flex; gap: ${space(3)}; margin-bottom: ${space(4)}; align-items: center; }
  table { margin-top: ${space(3)}; } th { text-align: left; font-weight: 400; color: #555; padding-right: 10px; }
  td { padding: 4px 10px 4px 0; border-top: 1px solid #ccc; vertical-align: top; font-variant-numeric: lining-nums tabular-nums; }
  td.sum small { display: block; white-space: nowrap; }
  .differs td, td.differs { background: #fbf0d8; }
  .verdict { font-family: ${font.serif}; font-size: 18px; margin-top: ${space(3)}; }
  .findings { margin: ${space(1)} 0 0; padding-left: 18px; } .findings li { margin-bottom: 4px; }
  figure { margin: 0; } figcaption { color: #555; font-size: 11.5px; }
  .stills { display: grid; grid-template-columns: 1fr 1fr; gap: 10px; margin-top: ${space(2)}; }
  .stills > div { break-inside: avoid; } .pair { display: grid; grid-template-columns: 1fr 1fr; gap: 6px; }
  img { width: 100%; height: auto; display: block; background: #ddd; aspect-ratio: 16 / 9; object-fit: cover; }
  .small { color: #555; font-size: 11.5px; margin-top: ${space(3)}; }
  @page { size: A4; margin: 10mm; }
  @media print { margin: 0; padding: 0; border: 0; max-width: none; .actions { display: none; } }
`;
