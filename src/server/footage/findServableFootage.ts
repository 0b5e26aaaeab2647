import { pool } from '@/data/client';
import { type Footage, findFootage } from '@/data/footage/footage';
import { isUuid } from '../kernel/isUuid';

export const findServableFootage = async (id: string): Promise<Footage | undefined> =>
  isUuid(id) ? findFootage(pool(), id) : undefined;
