import { facts, GENERAL_CAUTION, schools } from '@/core/vocabulary';
import { ActionLink, Page, Quiet, Section, Table } from '@/ui/layout/Page';
import { SchoolChoices } from './SchoolChoices';

export function SchoolsPage() {
  return (
    <Page
      title="Where coaches differ"
      aside="Choose what this academy teaches. Cues and drills follow; none of the other sides is an error."
      actions={<ActionLink href="/library">To the library</ActionLink>}
    >
      <Section>
        <h2>{schools.length} points</h2>
        <div className="note">
          Where you choose something else than usual, the cue gets its second half from your choice.
        </div>
        <div className="matter">
          <SchoolChoices schools={schools} withEntries />
        </div>
      </Section>
      <Section>
        <h2>What usually holds</h2>
        <div className="note">{GENERAL_CAUTION}</div>
        <div className="matter">
          <Table>
            <tbody>
              {facts.map((fact) => (
                <tr key={fact.id}>
                  <td>{fact.about}</td>
                  <td>{fact.value}</td>
                  <td>
                    <Quiet>{fact.source}</Quiet>
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
        </div>
      </Section>
    </Page>
  );
}
