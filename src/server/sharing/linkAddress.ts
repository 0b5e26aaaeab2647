import { headers } from 'next/headers';

/** The address of a link as it can be handed over: at the address under which this page was asked for, unless OWL_PUBLIC_ADDRESS says another. */
export async function linkAddress(token: string): Promise<string> {
  const fixed = process.env.OWL_PUBLIC_ADDRESS?.replace(/\/+$/, '');
  if (fixed) return `${fixed}/s/${token}`;
  const host = (await headers()).get('host') ?? 'localhost';
  return `${process.env.OWL_HTTPS === '1' ? 'https' : 'http'}://${host}/s/${token}`;
}
