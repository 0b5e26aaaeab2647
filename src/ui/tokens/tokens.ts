/** Roles, not values: the two lights give them their colours. */
export const color = {
  ground: 'var(--ground)',
  raised: 'var(--raised)',
  sunken: 'var(--sunken)',
  ink: 'var(--ink)',
  quiet: 'var(--quiet)',
  rule: 'var(--rule)',
  strongRule: 'var(--strong-rule)',
  focus: 'var(--amber)',
  focusText: 'var(--amber-text)',
  focusWash: 'var(--amber-wash)',
  other: 'var(--slate)',
  otherWash: 'var(--slate-wash)',
  good: 'var(--moss)',
  harm: 'var(--brick)',
  harmWash: 'var(--brick-wash)',
} as const;

export const font = {
  serif: "'Alegreya Variable', Georgia, serif",
  sans: "'Source Sans 3 Variable', 'Helvetica Neue', Arial, sans-serif",
} as const;

export const size = { small: '13.5px', body: '15.5px', large: '19px', title: '28px' } as const;

/** The 4 px grid. */
export const space = (steps: number): string => `${steps * 4}px`;

export const motion = { quick: '120ms ease-out' } as const;
