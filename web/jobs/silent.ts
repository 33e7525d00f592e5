import { callState } from '@/core/phases/hand-over/check-in';
import { serverNow } from '@/web/api/clock';

/** Whether one who works alone on this job missed the call, by the device's clock. */
export const isSilent = ({ checkInDue }: { checkInDue: string | null }): boolean =>
  checkInDue !== null && callState(Date.parse(checkInDue), serverNow()) === 'silent';
