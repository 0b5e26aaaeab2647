import Link from 'next/link';
import { formatWeight, type WeightUnit } from '@/core/kernel';
import type { MonthCount, PatternStatus } from '@/core/patterns';
import { type AnyBelt, beltCloth, beltWords, type HouseWords, houseNameOf } from '@/core/vocabulary';
import { FiguresDue, type FiguresDueProps } from '@/forms/FiguresDue';
import { dayWords } from '@/terms/dayWords';
import { times } from '@/terms/times';
import { FoldedBelt } from '@/ui/charts/FoldedBelt';
import { Empty, Page, Quiet, Section, Table } from '@/ui/layout/Page';
import { PieceFoot, type PieceFootProps } from '@/ui/layout/PieceFoot';
import { MonthStrip } from './errors/MonthStrip';
import { SomebodyNew } from './SomebodyNew';
import { statusWords } from './studentView';

export interface StudentLine {
  readonly id: string;
  readonly name: string;
  readonly standing: string;
  readonly belt?: AnyBelt;
  readonly stripes: number;
  readonly weightKg?: number;
  readonly rounds: number;
  readonly lastHeldOn?: string;
  readonly top?: {
    readonly errorId: string;
    readonly count: number;
    readonly status: string;
    readonly months: readonly MonthCount[];
  };
}

export function StudentsPage({
  lines,
  foot,
  figuresDue,
  unit,
  house,
}: {
  readonly lines: readonly StudentLine[];
  readonly foot?: PieceFootProps;
  readonly figuresDue: FiguresDueProps;
  readonly unit: WeightUnit;
  readonly house: HouseWords;
}) {
  return (
    <Page
      title="Students"
      aside="Who trains here, and what keeps happening to them."
      actions={<SomebodyNew unit={unit}>Somebody new</SomebodyNew>}
    >
      <FiguresDue {...figuresDue} />
      {lines.length === 0 ? (
        <Empty>
          <h2>Nobody yet</h2>
          <p>People appear here by themselves when you fill in a round’s card. You can also write them down now.</p>
          <SomebodyNew unit={unit} look="lead">
            Write somebody down
          </SomebodyNew>
        </Empty>
      ) : (
        <Section>
          <h2>On the mat</h2>
          <div className="note">
            What is most worth working on now, and how often it was seen for each chance of it, month by month.
          </div>
          <div className="matter">
            <Table>
              <thead>
                <tr>
                  <th>Name</th>
                  <th>Belt</th>
                  <th className="figure">Weight</th>
                  <th className="figure">Rounds</th>
                  <th>Last seen</th>
                  <th>Work on</th>
                  <th>By month</th>
                </tr>
              </thead>
              <tbody>
                {lines.map((line) => (
                  <tr key={line.id}>
                    <td>
                      <Link href={`/students/${line.id}`}>{line.name}</Link>
                      {line.standing === 'student' ? null : <Quiet> {line.standing}</Quiet>}
                    </td>
                    <td>
                      <FoldedBelt
                        {...beltCloth(line.belt)}
                        stripes={line.stripes}
                        label={beltWords(line.belt, line.stripes)}
                      />
                    </td>
                    <td className="figure" style={{ whiteSpace: 'nowrap' }}>
                      {line.weightKg === undefined ? '–' : formatWeight(line.weightKg, unit)}
                    </td>
                    <td className="figure">{line.rounds}</td>
                    <td>{line.lastHeldOn ? dayWords(line.lastHeldOn) : <Quiet>not reviewed yet</Quiet>}</td>
                    <td>
                      {line.top ? (
                        <>
                          {houseNameOf(house, line.top.errorId)}{' '}
                          <Quiet>
                            {times(line.top.count)}, {statusWords[line.top.status as PatternStatus]}
                          </Quiet>
                        </>
                      ) : (
                        <Quiet>–</Quiet>
                      )}
                    </td>
                    <td style={{ paddingBlock: 0, verticalAlign: 'middle', lineHeight: 0 }}>
                      {line.top && line.top.months.length > 1 ? (
                        <MonthStrip months={line.top.months} width={150} height={36} />
                      ) : null}
                    </td>
                  </tr>
                ))}
              </tbody>
            </Table>
            <PieceFoot {...foot} />
          </div>
        </Section>
      )}
    </Page>
  );
}
