import { Notice, Quiet, Section } from '@/ui/layout/Page';

const files = [
  ['marks.csv', 'Marks as a table (CSV)', 'for any spreadsheet or program'],
  ['marks-excel.csv', 'the same for Excel', 'with a byte order mark, so that names keep their letters'],
  ['captions.vtt', 'Marks as captions (WebVTT)', 'beside the film in a browser'],
  ['captions.srt', 'the same as SubRip', 'for players on a computer or a television'],
  ['chapters.vtt', 'Positions as chapters (WebVTT)', 'to jump from one to the next'],
  ['annotations.jsonld', 'Marks as Web Annotations', 'for programs that read the standard of the W3C'],
] as const;

/** A round in open formats; times are those of its film. */
export function RoundFiles({ roundId, notShown }: { readonly roundId: string; readonly notShown?: string }) {
  return (
    <Section>
      <h2>Taken along</h2>
      <div className="note">The marks in open formats. Times are those of the film.</div>
      <div className="matter">
        {notShown ? <Notice data-tone="caution">{notShown}</Notice> : null}
        <ul hidden={notShown !== undefined} style={{ listStyle: 'none', margin: 0, padding: 0, lineHeight: 1.9 }}>
          {files.map(([format, name, what]) => (
            <li key={format}>
              <a href={`/api/rounds/${roundId}/files/${format}`} download>
                {name}
              </a>{' '}
              <Quiet>{what}</Quiet>
            </li>
          ))}
          <li>
            <a href={`/api/rounds/${roundId}/package`} download>
              The whole round as a package (ZIP of JSON)
            </a>{' '}
            <Quiet>to be brought in at another academy, under Settings</Quiet>
          </li>
        </ul>
      </div>
    </Section>
  );
}
