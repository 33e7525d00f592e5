import { moment } from '@/core/words/said';
import { deviceId } from '@/web/api/device-id';
import { put } from '@/web/api/http';
import { useCylinderList } from '@/web/api/use-cylinders';
import { Button } from '@/web/kit/Button';
import { Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';

/** Which device has a cylinder: without a connection only that one uses it. */
export function CheckOut({ cylinderId }: { cylinderId: string }) {
  const { data, mutate } = useCylinderList();
  const { busy, problem, act } = useAct();
  const holder = data?.cylinders.find((c) => c.id === cylinderId)?.holder;
  const here = holder?.deviceId === deviceId();
  const hold = (held: boolean) =>
    act(async () => {
      await put(`/cylinders/${cylinderId}/holder`, { deviceId: deviceId(), held });
      await mutate();
    });
  const who = holder && { by: holder.by, at: moment(holder.at) };
  return (
    <div className="mt-3" data-testid="checked-out">
      <p className="text-[14px] text-ink2">
        {say(
          who ? tell(here ? 'web.checked-out-here' : 'web.checked-out-elsewhere', who) : tell('web.not-checked-out'),
        )}
      </p>
      <Trouble problem={problem} />
      <Button className="mt-2" disabled={busy || !data} onClick={() => void hold(!here)}>
        {t(here ? 'web.check-in' : 'web.check-out-here')}
      </Button>
    </div>
  );
}
