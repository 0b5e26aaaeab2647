import { color, font, size, space } from '../tokens/tokens';

/**
 * Pages that stand before everything else, or where nothing else works: signing in, a page that is not there, a failure. They carry no style of their own
 * in scripts, so that they are there at once.
 */
export const plainCss = `
  .plain { min-height: 100vh; display: grid; grid-template-columns: 1fr minmax(340px, 440px) 1fr; grid-template-rows: 1fr auto 1.4fr; background: ${color.ground}; color: ${color.ink}; }
  .plain > div { grid-area: 2 / 2; display: flex; flex-direction: column; gap: ${space(6)}; }
  .plain-title { display: flex; align-items: flex-end; gap: ${space(4)}; border-bottom: 3px double ${color.strongRule}; padding-bottom: ${space(3)}; }
  .plain-title h1 { font-size: 34px; font-style: italic; font-weight: 500; }
  .plain-line { font-family: ${font.serif}; font-size: ${size.large}; color: ${color.quiet}; }
  .plain form { display: flex; flex-direction: column; gap: ${space(4)}; }
  .plain-field { display: flex; flex-direction: column; gap: 2px; }
  .plain-field label { font-size: ${size.small}; color: ${color.quiet}; }
  .plain-field input { height: 34px; padding: 0 ${space(2)}; border: 0; border-bottom: 1px solid ${color.strongRule}; border-radius: 0; background: ${color.raised}; }
  .plain-field input[aria-invalid] { border-bottom: 2px solid ${color.harm}; }
  .plain-hint { font-size: ${size.small}; color: ${color.quiet}; }
  .plain-problem { font-size: ${size.small}; color: ${color.harm}; font-weight: 600; }
  .plain-notice { border-left: 4px solid ${color.harm}; background: ${color.harmWash}; padding: ${space(3)} ${space(4)}; }
  .plain-lead { align-self: flex-start; display: inline-flex; align-items: center; justify-content: center; min-width: 120px; min-height: 34px; padding: ${space(1)} ${space(3.5)}; border: 1px solid ${color.ink}; border-radius: 2px; background: ${color.ink}; color: ${color.ground}; font-size: ${size.body}; font-weight: 600; line-height: 1.2; text-decoration: none; cursor: pointer; }
  .plain-lead:hover { background: ${color.quiet}; border-color: ${color.quiet}; }
  .plain-lead:disabled { opacity: 0.5; cursor: default; }
  .plain-quiet { align-self: flex-start; padding: 0; border: 0; background: none; color: inherit; font: inherit; text-decoration: underline; cursor: pointer; }
`;
