import type { WeightUnit } from '@/core/kernel';
import type { HouseWords } from '@/core/vocabulary';
import { FiguresDue, type FiguresDueProps } from '@/forms/FiguresDue';
import { ActionLink, Empty, Page } from '@/ui/layout/Page';
import type { PieceFootProps } from '@/ui/layout/PieceFoot';
import { OnTheMat, type StudentLine } from './OnTheMat';
import { SomebodyNew } from './SomebodyNew';

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
      actions={
        <>
          <ActionLink href="/students/bring-in">A whole list</ActionLink>
          <SomebodyNew unit={unit}>Somebody new</SomebodyNew>
        </>
      }
    >
      <FiguresDue {...figuresDue} />
      {lines.length === 0 ? (
        <Empty>
          <h2>Nobody yet</h2>
          <p>People appear here by themselves when you fill in a round’s card. You can also write them down now.</p>
          <SomebodyNew unit={unit} look="lead">
            Write somebody down
          </SomebodyNew>{' '}
          <ActionLink href="/students/bring-in">Bring in a whole list</ActionLink>
        </Empty>
      ) : (
        <OnTheMat lines={lines} foot={foot} unit={unit} house={house} />
      )}
    </Page>
  );
}
