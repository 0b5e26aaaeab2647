const escaped = (text: string): string => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/**
 * A text in which somebody is not named: their whole name, and each part of it as a word of its own, becomes `instead`. Parts that belong to somebody in `kept`
 * as well stay: who reads it may have the same name. Letters of any alphabet count.
 */
export function withoutName(text: string, name: string, instead: string, kept: readonly string[] = []): string {
  const stay = new Set(kept.flatMap(partsOf).map((part) => part.toLowerCase()));
  const parts = partsOf(name).filter((part) => part.length > 1 && !stay.has(part.toLowerCase()));
  const words = [name.trim(), ...parts].filter((word) => word !== '');
  if (words.length === 0) return text;
  // Whole name first: "Marek Osei" is one person, not two.
  const pattern = words.map((word) => escaped(word).replace(/\s+/g, '\\s+')).join('|');
  return text.replace(new RegExp(`(?<![\\p{L}\\p{N}])(?:${pattern})(?![\\p{L}\\p{N}])`, 'giu'), instead);
}

const partsOf = (name: string): string[] => name.trim().split(/\s+/).filter(Boolean);
