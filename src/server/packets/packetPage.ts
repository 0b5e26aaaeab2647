import type { StoredPacket } from '@/data/packets/packets';

const escaped = (text: string): string =>
  text
    .replaceAll('&', '&amp;')
    .replaceAll('<', '&lt;')
    .replaceAll('>', '&gt;')
    .replaceAll('"', '&quot;')
    .replaceAll("'", '&#39;');

/** The name of the clip of an entry within the file. */
export const clipName = (at: number): string => `clips/${String(at + 1).padStart(2, '0')}.mp4`;

/** A packet as a page that any browser opens from its folder, with no server and no script. `hasClip` says which entries have one. */
export function packetPage(packet: StoredPacket, hasClip: readonly boolean[], madeOn: string): string {
  const entries = packet.entries.map(
    ({ at, title, words }, index) => `
    <li>
      <h2>${escaped(at)} · ${escaped(title)}</h2>
      ${words ? `<p>${escaped(words)}</p>` : ''}
      ${hasClip[index] ? `<video controls preload="metadata" src="${clipName(index)}"></video>` : '<p class="quiet">Not filmed.</p>'}
    </li>`,
  );
  const findings = packet.findings.map((words) => `<li>${escaped(words)}</li>`).join('');
  return `<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width, initial-scale=1">
<meta http-equiv="content-security-policy" content="default-src 'none'; media-src 'self' file:; style-src 'unsafe-inline'">
<title>${escaped(packet.title)}</title>
<style>
body { font: 17px/1.5 Georgia, serif; color: #24271f; background: #f6f1e6; max-width: 820px; margin: 0 auto; padding: 24px; }
h1 { border-bottom: 3px double #8d8570; } h2 { margin: 0; font-size: 20px; } .quiet { color: #5d5948; }
ol { padding: 0; list-style: none; } ol li { border-top: 1px solid #d8cfba; padding: 16px 0; } video { width: 100%; background: #0c0f0d; }
@media print { video { display: none; } }
</style>
</head>
<body>
<h1>${escaped(packet.title)}</h1>
<p class="quiet">${escaped(packet.about)}</p>
<p>${escaped(packet.lead)}</p>
${findings ? `<ul>${findings}</ul>` : ''}
<ol>${entries.join('')}
</ol>
<p class="quiet">Put together ${escaped(madeOn)} from footage and marks. The event’s own rules and its officials come first.</p>
</body>
</html>
`;
}
