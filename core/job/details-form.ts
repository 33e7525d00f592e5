import { day, figure, pick, text } from '@/core/form/field';
import { typed } from '@/core/words/said';
import { tell } from './words';

/** What stands at the head of a job and may be put right or changed later: whose, where, when, led by whom. */
export const detailsFields = (leads: readonly { id: string; fullName: string }[]) => ({
  customerName: text(tell('job.whose-job'), 120, 1),
  phone: text(tell('job.phone'), 40, 0, { hint: tell('job.may-stay-empty') }),
  address: text(tell('job.street-and-number'), 160, 1),
  town: text(tell('job.town'), 80, 1),
  elevationFt: figure(tell('job.elevation-of-the-site'), -1000, 15000, 'ft', { hint: tell('job.why-elevation') }),
  systemName: text(tell('job.name-of-the-system'), 80, 1),
  scheduledFor: day(tell('job.day')),
  leadId: pick(tell('job.led-by'), Object.fromEntries(leads.map((p) => [p.id, typed(p.fullName)])), { stacked: true }),
});
