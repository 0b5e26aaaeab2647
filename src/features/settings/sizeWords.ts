/** "212.0 GB", as disks are sold. */
export function sizeWords(bytes: number): string {
  if (bytes < 1e9) return `${(bytes / 1e6).toFixed(bytes < 1e7 ? 1 : 0)} MB`;
  return `${(bytes / 1e9).toFixed(1)} GB`;
}
