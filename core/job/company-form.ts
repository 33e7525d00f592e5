import { pick, text } from '@/core/form/field';
import { typed } from '@/core/words/said';
import { tell } from './words';

/** Clocks that the product is used by, from east to west; one of them is the company's, a site may have another. */
export const TIME_ZONES = [
  'America/St_Johns',
  'America/Halifax',
  'America/Puerto_Rico',
  'America/New_York',
  'America/Toronto',
  'America/Chicago',
  'America/Winnipeg',
  'America/Mexico_City',
  'America/Denver',
  'America/Phoenix',
  'America/Edmonton',
  'America/Los_Angeles',
  'America/Vancouver',
  'America/Tijuana',
  'America/Anchorage',
  'Pacific/Honolulu',
] as const;
type TimeZone = (typeof TIME_ZONES)[number];
/** A clock by its place: what people call it. */
export const placeOfZone = (zone: string): string => zone.split('/').at(-1)!.replaceAll('_', ' ');

/** What a company is called, whose clock it goes by, what its customers read. */
export const companyFields = () => ({
  name: text(tell('job.name-of-the-company'), 120, 2),
  timeZone: pick(
    tell('job.clock-of-the-company'),
    Object.fromEntries(TIME_ZONES.map((z) => [z, typed(placeOfZone(z))])) as Record<TimeZone, ReturnType<typeof typed>>,
  ),
  customerLanguage: pick(
    tell('job.what-customers-read'),
    { en: typed('English'), es: typed('Español') },
    { hint: tell('job.where-nobody-says-otherwise') },
  ),
});
