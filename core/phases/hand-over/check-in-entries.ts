import { z } from 'zod';
import { hidden } from '@/core/form/field';
import { tell } from '@/core/phases/hand-over/words';
import { entry } from '@/core/phases/log/entry';

export const CHECK_IN_KINDS = ['begun', 'here', 'off site'] as const;

/** One who works alone says that all is well: begun, again and again, and when the site is left. */
export const checkInEntries = {
  'check-in': entry(
    tell('log.check-in'),
    { what: hidden(z.enum(CHECK_IN_KINDS).describe(CHECK_IN_KINDS.join(', '))) },
    (b) => tell(SAYS[b.what]),
    { ofJob: true, afterHandOver: true, byTap: true },
  ),
};

const SAYS = {
  begun: 'alone.begun',
  here: 'alone.all-is-well',
  'off site': 'alone.left-the-site',
} as const;
