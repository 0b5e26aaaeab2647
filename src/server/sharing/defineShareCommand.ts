import { randomBytes } from 'node:crypto';
import type { z } from 'zod';
import { type Outcome, refuse } from '@/core/kernel';
import { isOutage } from '@/data/outage';
import type { ShareLink } from '@/data/sharing/links';
import { log } from '../../log/log';
import { isDataError } from '../kernel/dataError';
import { refusalOf } from '../kernel/refusalOf';
import { openLink } from './openLink';

const CLOSED = 'This link is closed. Ask your coach for a new one.';

/** A use case that a student's page calls: an open link, checked arguments, one outcome. The token is in no line of the log. */
export function defineShareCommand<Given extends z.ZodType, Value extends object = object>(command: {
  readonly input: Given;
  readonly run: (link: ShareLink, input: z.output<Given>) => Promise<Outcome<Value>>;
}) {
  return async (token: string, sent: z.input<Given>): Promise<Outcome<Value>> => {
    try {
      const link = typeof token === 'string' ? await openLink(token) : undefined;
      if (!link) return refuse(CLOSED);
      const input = command.input.safeParse(sent);
      if (!input.success) return refusalOf(input.error);
      return await command.run(link, input.data);
    } catch (error) {
      if (isDataError(error)) return refuse('Something in it cannot be kept. Change it, then try again.');
      if (isOutage(error)) throw error;
      const reference = randomBytes(4).toString('hex');
      log.error({ reference, err: error }, 'a command of a student failed');
      return refuse(`Something went wrong here, and nothing was changed. Try again, or tell your coach ${reference}.`);
    }
  };
}
