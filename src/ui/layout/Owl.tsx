import { color } from '../tokens/tokens';

/** The owl on its beam. */
export function Owl({ size }: { readonly size: number }) {
  return (
    <svg width={size} height={size} viewBox="0 0 32 32" aria-hidden="true">
      <path d="M8 27V13c0-5 3-9 8-9s8 4 8 9v14z" fill="none" stroke="currentColor" strokeWidth="1.6" />
      <path
        d="M8 9 6.5 3.5 11 6M24 9l1.500-5.500L21 6"
        fill="none"
        stroke="currentColor"
        strokeWidth="1.6"
        strokeLinejoin="round"
      />
      <circle cx="12.600" cy="13" r="3.100" fill={color.focus} />
      <circle cx="19.400" cy="13" r="3.100" fill={color.focus} />
      <circle cx="12.600" cy="13" r="1.200" fill={color.ground} />
      <path d="M18 13h2.800" stroke={color.ground} strokeWidth="1.400" />
      <path d="M15 17.500h2L16 20z" fill="currentColor" />
      <path d="M2 28.500h28" stroke="currentColor" strokeWidth="2" />
    </svg>
  );
}
