import { cleanup, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it } from 'vitest';
import { Reviewers } from './Reviewers';
import { type HazardSeen, SafetyLog } from './SafetyLog';

afterEach(cleanup);

const hazard = (markId: string, kind: string, names: string): HazardSeen => ({
  ...{ markId, hazard: kind, names, roundId: '00000000-0000-4000-8000-000000000009' },
  ...{ heldOn: '2025-11-20', atSeconds: 61 },
});
const hazards = [
  hazard('00000000-0000-4000-8000-000000000001', 'neck loaded', 'Ana with Marek'),
  hazard('00000000-0000-4000-8000-000000000002', 'late to let go', 'Teo with Bruno'),
];

describe('the safety log', () => {
  it('is narrowed by a name, and plays what is left', async () => {
    render(<SafetyLog hazards={hazards} isCut={false} inClasses={[]} />);
    expect(screen.getByText('2 of 2')).toBeTruthy();
    await userEvent.type(screen.getByLabelText('With'), 'teo');
    expect(screen.getByText('1 of 2')).toBeTruthy();
    expect(screen.queryByText(/Ana with Marek/)).toBeNull();
    const reel = screen.getByRole('link', { name: 'Play them in a row' }).getAttribute('href');
    expect(reel).toContain('moments=m00000000000040008000000000000002');
    await userEvent.type(screen.getByLabelText('With'), 'zzz');
    expect(screen.getByText('None of this kind with this name.')).toBeTruthy();
  });
  it('says how to keep a hazard where there is none', () => {
    render(
      <SafetyLog
        hazards={[]}
        isCut={false}
        inClasses={[{ classId: 'k', day: '2025-11-20', title: 'Evening', hazards: '', hurt: 'Ana: left knee' }]}
      />,
    );
    expect(screen.getByText(/hurt: Ana: left knee/)).toBeTruthy();
    expect(screen.getByText(/hazard …/)).toBeTruthy();
  });
});

describe('how far reviewers agree', () => {
  const review = {
    roundId: 'r',
    doneOn: '2025-11-20',
    names: ['Ana Velden', 'Marek Osei'] as const,
    coachName: 'Felix',
  };
  it('has a line for each, and a course where there are two', () => {
    render(
      <Reviewers
        reviews={[
          { ...review, kappa: 0.51, errors: 0.5 },
          { ...review, roundId: 's', kappa: 0.82 },
        ]}
      />,
    );
    expect(screen.getByRole('img', { name: /Agreement over time/ })).toBeTruthy();
    expect(screen.getByText('0.82')).toBeTruthy();
    expect(screen.getByText('50 %')).toBeTruthy();
    expect(screen.getByText('none')).toBeTruthy();
  });
  it('says how one begins where there is none', () => {
    render(<Reviewers reviews={[]} />);
    expect(screen.getByText(/No round was reviewed twice/)).toBeTruthy();
  });
});
