import { daysAfter } from '@/core/words/calendar';

/** Days between a delivery and the work it is for (design default): time to open the box and send it back. */
const SPARE_DAYS = 2;

/**
 * The last day to order something so that nine in ten come in time.
 *
 * @param workDate YYYY-MM-DD · @param leadDays within which nine in ten come
 * @returns YYYY-MM-DD
 * @source work date − lead − two days (design default)
 * @example orderBy('2026-06-15', 9) // '2026-06-04'
 */
export const orderBy = (workDate: string, leadDays: number): string => daysAfter(workDate, -(leadDays + SPARE_DAYS));
