/** A name that can be shown and saved: no folders, no control or direction characters, at most 120 characters. */
export function safeFileName(raw: string): string {
  const last = raw.split(/[\\/]/).pop() ?? '';
  const clean = last
    .replace(/[\p{Cc}\p{Cf}]/gu, '')
    .replace(/[<>:"|?*]/g, '_')
    .trim();
  return clean.replace(/^\.+/, '').slice(-120) || 'footage';
}

export const extensionOf = (name: string): string => /\.([a-z0-9]{1,5})$/i.exec(name)?.[1]?.toLowerCase() ?? 'bin';
