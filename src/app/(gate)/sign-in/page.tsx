import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { SignIn } from '@/features/account/SignIn';
import { SignInCode } from '@/features/account/SignInCode';
import { findCurrentCoach, homeOf, isHalfIn } from '@/server/accounts/currentCoach';
import { isAcademyNew } from '@/server/accounts/isAcademyNew';

export const metadata: Metadata = { title: 'Sign in' };

export default async function SignInPage() {
  const coach = await findCurrentCoach('helper');
  if (coach) redirect(homeOf(coach));
  if (await isAcademyNew()) redirect('/first-account');
  return (await isHalfIn()) ? <SignInCode /> : <SignIn />;
}
