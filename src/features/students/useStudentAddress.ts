'use client';

import { usePathname, useRouter, useSearchParams } from 'next/navigation';
import { useTransition } from 'react';
import type { StudentParameters } from '@/server/students/studentInput';

/** The address of the student's page with some of its parameters changed; an empty one is taken out, and lists begin anew. */
export function changedAddress(path: string, now: URLSearchParams, change: StudentParameters): string {
  const next = new URLSearchParams(now);
  next.delete('after');
  for (const [name, value] of Object.entries(change)) {
    if (value) next.set(name, value);
    else next.delete(name);
  }
  const text = next.toString();
  return text ? `${path}?${text}` : path;
}

/** What of the student is looked at stands in the address: changing it loads the page's figures anew, and the way back goes through it. */
export function useStudentAddress() {
  const router = useRouter();
  const path = usePathname();
  const now = useSearchParams();
  const [isLoading, begin] = useTransition();
  const addressWith = (change: StudentParameters) => changedAddress(path, new URLSearchParams(now), change);
  return {
    isLoading,
    addressWith,
    look: (change: StudentParameters) => begin(() => router.push(addressWith(change), { scroll: false })),
  };
}
