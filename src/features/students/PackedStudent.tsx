'use client';

import { useMemo } from 'react';
import { type Packed, unpack } from '@/core/kernel';
import { StudentPage, type StudentPageProps } from './StudentPage';

/** A student's page, its figures sent in one piece. */
export function PackedStudent({ packed }: { readonly packed: Packed<StudentPageProps> }) {
  const props = useMemo(() => unpack(packed), [packed]);
  return <StudentPage {...props} />;
}
