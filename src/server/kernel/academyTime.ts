import { dayIn } from '@/core/kernel';
import { pool } from '@/data/client';
import { getAcademy } from '@/data/people/academy';

/** The time zone in which the academy lives. */
export const academyZone = async (): Promise<string> => (await getAcademy(pool())).timeZone;

/** The calendar date at the academy, now. */
export const today = async (): Promise<string> => dayIn(await academyZone(), new Date().toISOString());
