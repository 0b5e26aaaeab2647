import Image from 'next/image';
import type { Still } from '@/core/round';

/** The small picture of an athlete; it comes with the page, so there is nothing to fetch or to make smaller. */
export const StillPicture = ({
  still,
  of,
  side,
}: {
  readonly still: Still;
  readonly of: string;
  readonly side: number;
}) => <Image unoptimized src={`data:image/jpeg;base64,${still.jpeg}`} alt={of} width={side} height={side} />;
