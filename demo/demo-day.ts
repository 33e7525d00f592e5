import { dayAt, daysAfter, momentAt } from '@/core/words/calendar';

/** Where the demo company is: what a company has that chose nothing. */
const DEMO_ZONE = 'America/New_York';
/** A crew's day begins, hours after midnight. */
const BEGINS_H = 8;

/** Days from today by the company's clock, YYYY-MM-DD. */
export const demoDay = (days: number): string => daysAfter(dayAt(new Date(), DEMO_ZONE), days);
/** When the crew begins on that day. */
export const demoMorning = (days: number): Date => new Date(momentAt(demoDay(days), BEGINS_H, DEMO_ZONE));
