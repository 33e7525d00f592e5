import useSWR from 'swr';
import { type ApiProblem, get, post } from '@/web/api/http';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { Sheet } from '@/web/kit/Sheet';
import { useAct } from '@/web/kit/use-act';
import { t } from '@/web/words/tell';
import { deviceWords } from './device-words';

type Device = { id: string; here: boolean; since: string; address: string; agent: string };

/** Where this person is signed in; a tablet that was left in a van is signed out from here. */
export function DevicesSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { data, error, mutate } = useSWR<{ sessions: Device[] }, ApiProblem>(open ? '/sessions' : null, get);
  const { busy, problem, act } = useAct();
  return (
    <Sheet open={open} onClose={onClose} title={t('web.where-i-am-signed-in')}>
      <p className="mt-2 text-ink2">{t('web.sign-out-device-you-no-longer')}</p>
      <Trouble problem={problem ?? error} />
      <ul className="mt-3 border-t-[1.5px] border-ink">
        {(data?.sessions ?? []).map((d) => (
          <li key={d.id} className="flex items-center gap-3 border-b border-rule py-2.5">
            <span className="min-w-0 flex-1">
              <b className="block truncate text-[15px]">{deviceWords(d.agent)}</b>
              <span className="text-[13px] text-ink2">
                {t('web.since', {
                  x: new Date(d.since).toLocaleString([], { dateStyle: 'medium', timeStyle: 'short' }),
                  address: d.address,
                })}
              </span>
            </span>
            {d.here ? (
              <span className="text-[13px] font-[600]">{t('web.this-device')}</span>
            ) : (
              <Button
                disabled={busy}
                onClick={() =>
                  void act(async () => {
                    await mutate(await post<{ sessions: Device[] }>(`/sessions/${d.id}/revoke`), { revalidate: false });
                  })
                }
              >
                {t('web.sign-out')}
              </Button>
            )}
          </li>
        ))}
      </ul>
    </Sheet>
  );
}
