import { findCodes, takeCodeStep, takeRecoveryCode } from '@/data/accounts/oneTimeCodes';
import { pool } from '@/data/client';
import { codeStep, plainRecoveryCode } from './oneTimeCode';
import { hashToken } from './tokens';

/** Whether a code opens: one of about now that was not taken before, or a recovery code, which is used up by it. */
export async function takeCode(coachId: string, typed: string): Promise<boolean> {
  const codes = await findCodes(pool(), coachId);
  if (!codes) return false;
  const step = codeStep(codes.secret, typed, Date.now());
  if (step !== undefined) return (await takeCodeStep(pool(), coachId, step)) > 0;
  const recovery = plainRecoveryCode(typed);
  return recovery !== undefined && (await takeRecoveryCode(pool(), coachId, hashToken(recovery))) > 0;
}
