import { pool } from '@/data/client';
import { listNamesAndBirthdays } from '@/data/people/people';
import { requireCoach } from '../accounts/currentCoach';
import { today } from '../kernel/academyTime';

/** Who is here, for comparing a list with them. */
export async function loadRoster() {
  const coach = await requireCoach();
  return { known: await listNamesAndBirthdays(pool()), today: await today(), unit: coach.weightUnit };
}
