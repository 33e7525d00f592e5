import { callState } from '@/core/phases/hand-over/check-in';

/** Whether one who works alone on this job missed the call, by the device's clock. */
export const isSilent = ({ checkInDue }: { checkInDue: string | null }): boolean =>
  checkInDue !== null && callState(Date.parse(checkInDue), Date.now()) === 'silent';
