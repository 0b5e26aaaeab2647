import type { StrokeKind } from '@/core/drawing';

export const drawingTools: readonly { readonly kind: StrokeKind; readonly label: string; readonly hint: string }[] = [
  { kind: 'arrow', label: 'Arrow', hint: 'Drag from where it comes to where it goes.' },
  { kind: 'straight', label: 'Straight line', hint: 'Drag from end to end.' },
  { kind: 'ring', label: 'Ring', hint: 'Drag from the middle outwards.' },
  { kind: 'line', label: 'Free line', hint: 'Draw with the pointer held down.' },
  { kind: 'angle', label: 'Angle', hint: 'Click three places; the corner is the second.' },
  { kind: 'label', label: 'Label', hint: 'Click where the words shall stand, then write them.' },
];
