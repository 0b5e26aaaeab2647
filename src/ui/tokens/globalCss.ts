import { color, font, size } from './tokens';

/** The two lights and what holds for every element, as plain text: it needs no script. */
export const globalCss = `
  :root, [data-light='daybook'] {
    color-scheme: light;
    --ground: #f6f1e6; --raised: #fcf9f2; --sunken: #ece5d5;
    --ink: #24271f; --quiet: #5d5948; --rule: #d8cfba; --strong-rule: #8d8570;
    --amber: #c4780c; --amber-text: #7d4a00; --amber-wash: #f5e2bd;
    --slate: #4b6578; --slate-wash: #dfe6ea;
    --moss: #4a6839; --brick: #93402e; --brick-wash: #f1ddd4;
  }
  [data-light='loft'] {
    color-scheme: dark;
    --ground: #191e1b; --raised: #222824; --sunken: #131714;
    --ink: #ece7d8; --quiet: #aaa997; --rule: #353d37; --strong-rule: #6d766c;
    --amber: #e9ab3f; --amber-text: #f0bb5c; --amber-wash: #3b3320;
    --slate: #93aec1; --slate-wash: #2a343a;
    --moss: #9abb85; --brick: #e0937c; --brick-wash: #3c2a25;
  }
  *, *::before, *::after { box-sizing: border-box; }
  html { font: 400 ${size.body}/1.5 ${font.sans}; font-variant-numeric: lining-nums tabular-nums; background: #f6f1e6; }
  body { margin: 0; color: ${color.ink}; background: ${color.ground}; }
  h1, h2, h3 { font-family: ${font.serif}; font-weight: 600; line-height: 1.2; margin: 0; }
  h1 { font-size: ${size.title}; }
  h2 { font-size: ${size.large}; }
  h3 { font-size: ${size.body}; }
  p { margin: 0; max-width: 72ch; }
  a { color: inherit; text-decoration-color: ${color.strongRule}; text-underline-offset: 3px; }
  a:hover { text-decoration-color: ${color.focus}; }
  :focus-visible { outline: 2px solid ${color.focus}; outline-offset: 2px; }
  button, input, select, textarea { font: inherit; color: inherit; }
  table { border-collapse: collapse; width: 100%; }
  th { text-align: left; font-weight: 600; }
  @media (prefers-reduced-motion: reduce) { *, *::before, *::after { transition: none !important; animation: none !important; } }
`;
