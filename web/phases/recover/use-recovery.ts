import { onThisDevice } from '@/core/circuit/recovery/checked-out';
import { cylinderFillOf, liquidShare } from '@/core/circuit/recovery/cylinder';
import { recoveryCylinder, roomOz } from '@/core/circuit/recovery/cylinder-choice';
import { latestOf } from '@/core/phases/log/circuit-log';
import { movedOz } from '@/core/phases/recover/live-machine';
import { recoveryView, stillExpectedOz } from '@/core/phases/recover/view';
import { todayAt } from '@/web/api/clock';
import { useConnection } from '@/web/api/connection';
import { deviceId } from '@/web/api/device-id';
import { useCylinders } from '@/web/api/use-cylinders';
import { liveStream } from '../circuit/live-stream';
import type { JobView } from '../job-context';

/** The recovery as it stands with what the instruments show now: its cylinder, what came over and what is still to come. */
export function useRecovery(view: JobView) {
  const { sheet, feed } = view;
  const rec = recoveryView(sheet);
  const today = todayAt(sheet.site.timeZone);
  const run = view.run?.phase === 'recover' ? view.run : undefined;
  const last = run ? feed.samples.at(-1) : undefined;
  const shows = (channel: string): number | undefined => {
    const v = last?.values[channel];
    return typeof v === 'number' ? v : undefined;
  };
  const refrigerant = rec.old?.body.refrigerant;
  const { lost } = useConnection();
  const all = useCylinders(sheet) ?? [];
  const cylinders = lost ? onThisDevice(all, deviceId()) : all;
  const stream = liveStream(view, 'recover');
  const switches = stream?.switches;
  const machineOn = switches?.machineOn === true || switches?.atLimit === true;
  const expected = stillExpectedOz(sheet);
  // While the machine runs, and until what it moved is weighed, the cylinder on the scale is the one; then whichever has room.
  const onScale = cylinders.find((c) => c.id === switches?.cylinderId);
  const unweighed = machineOn && !rec.weighings.some((w) => w.startGrossOz === switches?.startGrossOz);
  const used = latestOf(sheet.circuitLog, 'recovered')?.body.cylinderId;
  const cylinder =
    unweighed && onScale ? onScale : recoveryCylinder(cylinders, refrigerant, today, onScale?.id ?? used, expected);
  const moved = stream ? movedOz(stream) : 0;
  const contents = (cylinder?.contentsOz ?? 0) + moved;
  const room = refrigerant ? roomOz(cylinders, refrigerant, today) : 0;
  return {
    rec,
    today,
    run,
    shownRun: run ?? (view.pastRun?.phase === 'recover' ? view.pastRun : undefined),
    shows,
    refrigerant,
    switches,
    startGrossOz: switches?.startGrossOz as number | null | undefined,
    cylinder,
    /** Nobody answers, and this device has none of the company's cylinders checked out. */
    noneHere: lost && all.length > 0 && cylinders.length === 0,
    /** Nobody answers, and some of them are not checked out here. */
    othersElsewhere: cylinders.length < all.length,
    fill: cylinder && refrigerant ? cylinderFillOf(cylinder, refrigerant) : undefined,
    contents,
    toCome: expected === undefined ? undefined : Math.max(0, expected - moved),
    share:
      cylinder && refrigerant
        ? (f: number): number => liquidShare({ ...cylinder, contentsOz: contents }, refrigerant, f)
        : undefined,
    live:
      stream && refrigerant
        ? { stream, on: { rec, refrigerant, cylinder, stillOz: expected, roomOz: room, today } }
        : undefined,
    pumpingDown: rec.method?.body.method === 'pump-down' && rec.attempts.length === 0,
  };
}
export type Recovery = ReturnType<typeof useRecovery>;
