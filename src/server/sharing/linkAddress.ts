import { headers } from 'next/headers';

/** A page of this application as an address that another device can open: at the address under which this page was asked for, unless OWL_PUBLIC_ADDRESS says another. */
export async function pageAddress(path: string): Promise<string> {
  const fixed = process.env.OWL_PUBLIC_ADDRESS?.replace(/\/+$/, '');
  if (fixed) return `${fixed}${path}`;
  const host = (await headers()).get('host') ?? 'localhost';
  return `${process.env.OWL_HTTPS === '1' ? 'https' : 'http'}://${host}${path}`;
}

/** The address of a link as it can be handed over. */
export const linkAddress = (token: string): Promise<string> => pageAddress(`/s/${token}`);
