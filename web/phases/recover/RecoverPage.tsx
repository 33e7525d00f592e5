import { useMemo } from 'react';
import { cylinderChecks, cylinderFillOf, liquidShare } from '@/core/circuit/recovery/cylinder';
import { recoveryCylinder, roomOz } from '@/core/circuit/recovery/cylinder-choice';
import { HOT_F } from '@/core/circuit/recovery/cylinder-fill';
import { CLOSE_FROM_PSIG } from '@/core/circuit/recovery/pump-down-end';
import { ordersOf } from '@/core/phases/live/stream';
import { latestOf } from '@/core/phases/log/circuit-log';
import { movedOz } from '@/core/phases/recover/live-machine';
import { recover } from '@/core/phases/recover/phase';
import { recoveryView, stillExpectedOz } from '@/core/phases/recover/view';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { OZ_PER_LB, PSI_PER_INHG } from '@/core/units/units';
import { dayAt } from '@/core/words/calendar';
import { list, q } from '@/core/words/said';
import { useCylinders } from '@/web/api/use-cylinders';
import { CylinderPicture } from '@/web/bench/cylinder/CylinderPicture';
import { RecoveryStrip } from '@/web/bench/recovery/RecoveryStrip';
import { recoveryLanes } from '@/web/bench/recovery/recovery-layout';
import { Mark } from '@/web/kit/Mark';
import { Notice } from '@/web/kit/Notice';
import { useDesk } from '@/web/kit/use-media';
import { figureOf, lbOz, say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { BigFigure, CircuitFrame } from '../circuit/CircuitFrame';
import { liveStream } from '../circuit/live-stream';
import type { JobView } from '../job-context';
import { PumpDownGuide } from './PumpDownGuide';

export default function RecoverPage(view: JobView) {
  const { sheet, feed } = view;
  const rec = recoveryView(sheet);
  const today = dayAt(new Date(), sheet.site.timeZone);
  const run = view.run?.phase === 'recover' ? view.run : undefined;
  const last = run ? feed.samples.at(-1) : undefined;
  const value = (name: string): number | undefined => {
    const v = last?.values[name];
    return typeof v === 'number' ? v : undefined;
  };
  const refrigerant = rec.old?.body.refrigerant;
  const used = latestOf(sheet.circuitLog, 'recovered');
  const cylinders = useCylinders(sheet) ?? [];
  const stream = liveStream(view, 'recover');
  const machineOn = stream?.switches?.machineOn === true || stream?.switches?.atLimit === true;
  // While the machine runs, and until what it moved is weighed, the cylinder on the scale is the one; then whichever has room.
  const onScale = cylinders.find((c) => c.id === stream?.switches?.cylinderId);
  const unweighed = machineOn && !rec.weighings.some((w) => w.startGrossOz === stream?.switches?.startGrossOz);
  const cylinder =
    unweighed && onScale
      ? onScale
      : recoveryCylinder(cylinders, refrigerant, today, onScale?.id ?? used?.body.cylinderId, stillExpectedOz(sheet));
  const shownRun = run ?? (view.pastRun?.phase === 'recover' ? view.pastRun : undefined);
  const suction = run ? value('suctionPsig') : undefined;
  const now = figureOf(
    suction !== undefined ? q(suction, 'psig') : q(rec.recoveredOz > 0 ? rec.recoveredOz / OZ_PER_LB : null, 'lb'),
  );
  const desk = useDesk();
  const startGrossOz = stream?.switches?.startGrossOz as number | null | undefined;
  const moved = stream ? movedOz(stream) : 0;
  const expected = stillExpectedOz(sheet);
  const live =
    stream && refrigerant
      ? {
          stream,
          on: {
            rec,
            refrigerant,
            cylinder,
            stillOz: expected,
            roomOz: roomOz(cylinders, refrigerant, today),
            today,
          },
        }
      : undefined;

  const fill = cylinder && refrigerant ? cylinderFillOf(cylinder, refrigerant) : undefined;
  const contents = (cylinder?.contentsOz ?? 0) + moved;
  const toCome = expected === undefined ? undefined : Math.max(0, expected - moved);
  const share =
    cylinder && refrigerant
      ? (f: number): number => liquidShare({ ...cylinder, contentsOz: contents }, refrigerant, f)
      : undefined;
  const lanes = useMemo(
    () => (shownRun ? recoveryLanes(feed.samples, ordersOf(feed.events), startGrossOz ?? undefined) : undefined),
    [shownRun, feed.samples, feed.events, startGrossOz],
  );
  const pumpingDown = rec.method?.body.method === 'pump-down' && rec.attempts.length === 0;
  // A pump-down is followed on its curve; a recovery beside the cylinder that fills.
  const stripFirst = run !== undefined && rec.method?.body.method === 'pump-down' && !rec.weighed;
  const strip =
    lanes && lanes.suction.length > 1 ? (
      <div className="my-2">
        <RecoveryStrip
          lanes={lanes}
          levelPsig={-rec.level.wantedInHg * PSI_PER_INHG}
          closeFromPsig={pumpingDown ? CLOSE_FROM_PSIG : undefined}
          expectedLb={rec.expectedOz === undefined ? undefined : rec.expectedOz / OZ_PER_LB}
          height={desk ? Math.max(230, Math.min(360, window.innerHeight - 555)) : 240}
        />
      </div>
    ) : null;
  return (
    <CircuitFrame
      view={view}
      phase={recover}
      about={
        rec.old
          ? `${rec.old.body.refrigerant}${rec.expectedOz !== undefined ? say(tell('web.expected-2', { expectedOz: lbOz(rec.expectedOz) })) : say(tell('web.charge-not-known'))}`
          : say(tell('web.make-safe-recover-then-open'))
      }
      checks={rec.checks}
      live={live}
      presets={{
        recovered: cylinder ? { cylinderId: cylinder.id } : {},
        method: rec.advice
          ? { method: rec.advice.method, reason: say(list(rec.advice.reasons, '; ')).slice(0, 300) }
          : {},
      }}
      figures={
        <BigFigure
          label={run ? say(tell('web.suction-now')) : say(tell('web.recovered'))}
          testId="recover-now"
          value={now.value}
          unit={now.unit}
          note={
            rec.recoveredOz > 0
              ? say(
                  tell('web.in-cylinder', {
                    recoveredOz: lbOz(rec.recoveredOz),
                    share: rec.share ? say(tell('web.of-what-was-expected', { pct: rec.share.pct.toFixed(0) })) : '',
                  }),
                )
              : undefined
          }
        />
      }
      below={
        sheet.signOffs.some((s) => s.phase === 'recover') ? null : (
          <Notice kind="look-again">
            {say(
              tell('web.never-vent-gloves-and-eye-protection', {
                refrigerant:
                  refrigerant === 'R-32' || refrigerant === 'R-454B'
                    ? say(tell('web.a2l-ventilate-no-spark-a2l-rated'))
                    : '',
              }),
            )}
          </Notice>
        )
      }
    >
      {stripFirst ? strip : null}
      <div className="grid items-start gap-x-8 gap-y-3 lg:grid-cols-[auto_1fr]">
        {cylinder && fill ? (
          // While the old unit is pumped down the steps are what the hand needs; the cylinder waits below them.
          <div className={pumpingDown ? 'max-lg:order-last' : ''}>
            <CylinderPicture
              tag={cylinder.tag}
              refrigerant={cylinder.refrigerant}
              contentsOz={contents}
              limitOz={fill.limitOz}
              liquidShare={share?.(77)}
              hotShare={share?.(HOT_F)}
              expectedOz={toCome}
              psig={value('cylinderPsig')}
              temperatureF={value('cylinderF')}
            />
            <ul className="max-w-[270px]">
              {cylinderChecks({ ...cylinder, contentsOz: contents }, refrigerant as Refrigerant, toCome, today).map(
                (c) => (
                  <li key={c.id} className="grid grid-cols-[22px_1fr] py-0.5 text-[14px] leading-snug">
                    <Mark kind={c.verdict} /> {say(c.claim)}
                  </li>
                ),
              )}
            </ul>
          </div>
        ) : (
          <p className="max-w-[34ch] text-ink2">
            {rec.old
              ? say(tell('web.no-recovery-cylinder-on-ledger-takes'))
              : say(tell('web.cylinder-shows-here-once-old-refrigerant'))}
          </p>
        )}
        <PumpDownGuide view={rec} suctionPsig={value('suctionPsig')} switches={stream?.switches} />
      </div>
      {stripFirst ? null : strip}
    </CircuitFrame>
  );
}
