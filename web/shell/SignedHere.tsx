import { PHASE_WORDS } from '@/core/job/phases';
import { isOnDevice, type JobSheet } from '@/core/job/sheet';
import { list } from '@/core/words/said';
import { useConnection } from '@/web/api/connection';
import { useNow } from '@/web/api/use-now';
import { t } from '@/web/words/tell';

/** A signature that is being sent is not told as one that waits, ms. */
const UNDER_WAY_MS = 4_000;

/** On every page of a job: what was signed on this device, as long as the server has not judged it. */
export function SignedHere({ sheet }: { sheet: Pick<JobSheet, 'signOffs'> }) {
  const { lost } = useConnection();
  const now = useNow();
  const here = sheet.signOffs.filter((s) => isOnDevice(s) && (lost || now - Date.parse(s.at) > UNDER_WAY_MS));
  if (here.length === 0) return null;
  return (
    <p
      role="status"
      data-testid="signed-here"
      className="flex min-h-[38px] items-center border-b border-ochre px-3 py-1 text-[14px] leading-snug font-[600] text-ochre lg:px-5"
    >
      {t('web.signed-on-this-device', { phases: list(here.map((s) => PHASE_WORDS[s.phase])) })}
    </p>
  );
}
