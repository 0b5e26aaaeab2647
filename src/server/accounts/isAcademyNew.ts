import { countCoaches } from '@/data/accounts/coaches';
import { pool } from '@/data/client';

/** True until the first account exists. */
export const isAcademyNew = async (): Promise<boolean> => (await countCoaches(pool())) === 0;
