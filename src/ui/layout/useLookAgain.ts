'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';

/** Something that is worked out in the background is to be seen soon after it is there. @source own decision: within two seconds */
const LOOK_AGAIN_MS = 1200;

/** Asks the server for the page again and again, as long as what it shows is still on its way. */
export function useLookAgain(isUnderway: boolean): void {
  const router = useRouter();
  useEffect(() => {
    if (!isUnderway) return;
    const timer = setInterval(() => router.refresh(), LOOK_AGAIN_MS);
    return () => clearInterval(timer);
  }, [isUnderway, router]);
}
