import useSWR from 'swr';
import { latestOf } from '@/core/circuit/log/circuit-log';
import { chillIce } from '@/core/circuit/recovery/chill-ice';
import { type Cylinder, cylinderChecks, cylinderFillOf, recoveryCylinder } from '@/core/circuit/recovery/cylinder';
import { specificGravity } from '@/core/circuit/recovery/cylinder-fill';
import { REBOUND_WAIT_MIN } from '@/core/circuit/recovery/rebound';
import { LEVEL_WAIT_MIN, PSI_PER_INHG } from '@/core/circuit/recovery/recovery';
import { recoveryProgress } from '@/core/circuit/recovery/recovery-progress';
import { lbOz } from '@/core/circuit/weigh-in';
import { orderChecks } from '@/core/finding/check';
import { recoveryView } from '@/core/job/circuit/circuit-views';
import { stillExpectedOz } from '@/core/job/circuit/entry-rules';
import type { Refrigerant } from '@/core/refrigerant/refrigerants';
import { OZ_PER_LB } from '@/core/units/units';
import { get, post } from '@/web/api/http';
import { CylinderPicture } from '@/web/bench/cylinder/CylinderPicture';
import { Mark } from '@/web/kit/Mark';
import { Notice } from '@/web/kit/Notice';
import { BigFigure, CircuitFrame, type LiveMove } from '../circuit/CircuitFrame';
import { ordersOf } from '../circuit/orders';
import { useEntries } from '../circuit/use-entries';
import type { JobView } from '../job-context';
import { PumpDownGuide } from './PumpDownGuide';

const S_PER_MIN = 60;
const HOT_F = 130;
/** The vapour valve begins to close here, and the compressor is stopped here (common practice), psig. */
const CLOSE_FROM_PSIG = 10;
const STOP_PSIG = 2;
const RUN_FIRST_MIN = 2;

export default function RecoverPage(view: JobView) {
  const { sheet, feed } = view;
  const write = useEntries(view);
  const rec = recoveryView(sheet);
  const { data } = useSWR<{ cylinders: Cylinder[] }>('/cylinders', get);
  const run = view.run?.phase === 'recover' ? view.run : undefined;
  const last = run ? feed.samples.at(-1) : undefined;
  const value = (name: string): number | undefined => {
    const v = last?.values[name];
    return typeof v === 'number' ? v : undefined;
  };
  const refrigerant = rec.old?.body.refrigerant;
  const used = latestOf(sheet.circuitLog, 'recovered');
  const cylinder = recoveryCylinder(
    data?.cylinders ?? [],
    refrigerant,
    today(),
    used?.body.cylinderId,
    stillExpectedOz(sheet),
  );
  const switches = run ? feed.bench?.switches : undefined;
  const movedOz =
    switches?.machineOn && typeof switches.startGrossOz === 'number' && value('scaleOz') !== undefined
      ? value('scaleOz')! - switches.startGrossOz
      : 0;
  const order = (body: unknown): Promise<unknown> => post(`/runs/${run?.id}/commands`, body);
  const pumping = rec.method?.body.method === 'pump-down';

  function liveMove(): LiveMove | undefined {
    const suction = value('suctionPsig');
    if (suction === undefined || !switches || !last || !rec.method) return undefined;
    if (pumping && rec.attempts.length === 0) return pumpDown(suction);
    if (pumping && rec.attempts.at(-1)?.rebound === undefined) return rebound(suction);
    if (rec.method.body.method === 'nothing') return undefined;
    if (rec.checks.find((c) => c.id === 'dead')?.verdict !== 'good') return undefined;
    return machine(suction);
  }

  function pumpDown(suction: number): LiveMove {
    const started = ordersOf(feed.events)
      .filter((o) => o.order === 'call')
      .at(-1);
    const ranMin = started && switches!.running ? (last!.runSeconds - started.runSeconds) / S_PER_MIN : 0;
    if (!switches!.running)
      return {
        kind: 'now',
        say: 'Call for cooling at the thermostat.',
        because:
          'It holds the reversing valve and keeps the blower on. Never force the contactor. Leave the setpoint alone.',
        label: 'Cooling is called',
        press: () => order({ kind: 'call', on: true }),
      };
    if (switches!.liquidOpen)
      return ranMin < RUN_FIRST_MIN
        ? {
            kind: 'now',
            say: `Run ${RUN_FIRST_MIN} min first: ${Math.ceil(RUN_FIRST_MIN - ranMin)} min to go.`,
            because: 'Oil comes back and the pressures settle.',
          }
        : {
            kind: 'now',
            say: 'Close the liquid valve.',
            because: 'Liquid first: the vapour valve closed first would trap it.',
            label: 'Liquid valve closed',
            press: () => order({ kind: 'liquid-valve', open: false }),
          };
    if (suction > CLOSE_FROM_PSIG)
      return {
        kind: 'now',
        say: `Watch the suction: ${suction.toFixed(0)} psig. Hand on the vapour valve.`,
        because: `Begin to close it between 5 and 10 psig. Stalled for 3 min means a leaking valve: stop.`,
        wait: `${suction.toFixed(0)} psig`,
      };
    if (suction > STOP_PSIG && switches!.vapourOpen)
      return {
        kind: 'now',
        say: `Close the vapour valve: ${suction.toFixed(0)} psig.`,
        because: 'Stop between 0 and 2 psig, never below 0 with A2L.',
        label: 'Both closed, power off',
        press: () => stop(ranMin),
      };
    return {
      kind: 'now',
      say: 'Close the vapour valve and cut the power now.',
      because: 'Below 0 psig air is drawn in and a scroll suffers.',
      label: 'Both closed, power off',
      press: () => stop(ranMin),
    };
  }

  async function stop(ranMin: number): Promise<void> {
    await order({ kind: 'vapour-valve', open: false });
    await order({ kind: 'call', on: false });
    await write('pump-down', {
      liquidClosedPsig: null,
      stopPsig: value('suctionPsig') ?? 0,
      ranMin: Math.round(ranMin * 10) / 10,
      runId: run!.id,
      runSeconds: null,
    });
  }

  function rebound(suction: number): LiveMove {
    const stopped = rec.attempts.at(-1)!.stop;
    const since =
      stopped.body.runId === run!.id
        ? (last!.runSeconds - (stopped.body.runSeconds ?? 0)) / S_PER_MIN
        : REBOUND_WAIT_MIN;
    const left = REBOUND_WAIT_MIN - since;
    return {
      kind: 'now',
      say:
        left > 0
          ? `Rebound watch: ${suction.toFixed(1)} psig, ${Math.ceil(left)} min to go.`
          : `Ten minutes: ${suction.toFixed(1)} psig. Write the rebound down.`,
      because: 'Up to 5 psi is refrigerant out of the oil; more is liquid or a valve that leaks through.',
      label: left > 0 ? undefined : 'Write it down',
      wait: left > 0 ? `${Math.ceil(left)} min` : undefined,
      press: () =>
        write('rebound', {
          stopPsig: stopped.body.stopPsig,
          afterPsig: suction,
          minutes: Math.round(since),
          runId: run!.id,
        }),
    };
  }

  function machine(suction: number): LiveMove | undefined {
    if (rec.level.heldInHg !== undefined && rec.checks.find((c) => c.id === 'level')?.verdict === 'good')
      return undefined;
    const wantedPsig = -rec.level.wantedInHg * PSI_PER_INHG;
    if (switches!.machineOn) {
      if (fill && contents >= fill.limitOz)
        return {
          kind: 'stop',
          say: 'Stop the machine: the cylinder is at its limit.',
          because: 'Liquid that fills a cylinder bursts it as it warms. Change the cylinder and go on.',
          label: 'Machine off, weigh',
          press: machineOff,
        };
      if (suction > wantedPsig - 0.5) {
        const progress = progressNow(suction);
        if (progress?.stalled)
          return {
            kind: 'look-again',
            say: `It stands at ${suction.toFixed(0)} psig: ${progress.causes[0]}`,
            because: `Then: ${progress.causes.slice(1).join(' ')}`,
          };
        const level = rec.level.wantedInHg > 0 ? `${rec.level.wantedInHg.toFixed(0)} inHg` : '0 psig';
        const minutes = progress?.minutesLeft === undefined ? undefined : Math.max(1, Math.ceil(progress.minutesLeft));
        return {
          kind: 'now',
          say: `Recovering: ${lbOz(movedOz)} so far, suction ${suction.toFixed(0)} psig.`,
          because: progress?.chill
            ? `Down to ${level}. The cylinder is hot: ${iceWords()}lift it out and dry it before weighing.`
            : `Down to ${level}${progress ? `, ${progress.lbPerMin.toFixed(2)} lb a minute` : ''}. Watch the cylinder’s limit.`,
          wait: minutes === undefined ? undefined : `${minutes} min`,
        };
      }
      return {
        kind: 'now',
        say: `Level reached: machine off, then watch ${LEVEL_WAIT_MIN} min.`,
        because: 'The cylinder is weighed at rest.',
        label: 'Machine off, weigh',
        press: machineOff,
      };
    }
    const off = ordersOf(feed.events)
      .filter((o) => o.order === 'machine')
      .at(-1);
    if (rec.recoveredOz > 0 && off) {
      const waited = (last!.runSeconds - off.runSeconds) / S_PER_MIN;
      const reached = Math.min(
        ...feed.samples.slice(-900).map((s) => (typeof s.values.suctionPsig === 'number' ? s.values.suctionPsig : 0)),
      );
      return waited < LEVEL_WAIT_MIN
        ? {
            kind: 'now',
            say: `Watching: ${suction.toFixed(1)} psig, ${Math.ceil(LEVEL_WAIT_MIN - waited)} min to go.`,
            because: 'Liquid in the oil boils out; a rise means there is more.',
            wait: `${Math.ceil(LEVEL_WAIT_MIN - waited)} min`,
          }
        : {
            kind: 'now',
            say: `${LEVEL_WAIT_MIN} min are over: read the level.`,
            because: `Suction ${suction.toFixed(1)} psig.`,
            label: 'Write the level down',
            press: () =>
              write('level', {
                reachedPsig: Math.min(reached, suction),
                afterPsig: suction,
                waitMin: Math.floor(waited),
                runId: run!.id,
              }),
          };
    }
    if (!cylinder)
      return {
        kind: 'not-proven',
        say: 'No recovery cylinder fits this refrigerant.',
        because: 'Add one under Cylinders, or bring another.',
      };
    const refused = orderChecks(cylinderChecks(cylinder, refrigerant!, stillExpectedOz(sheet), today())).find(
      (c) => c.verdict === 'stop',
    );
    if (refused)
      return { kind: 'stop', say: refused.next ?? refused.claim, because: `${refused.claim} ${refused.because}` };
    return {
      kind: 'now',
      say: `Start the machine into cylinder ${cylinder.tag}.`,
      because: 'Cores out, hoses purged, cylinder on the scale, both its valves known.',
      label: 'Start the machine',
      press: () => order({ kind: 'machine', on: true }),
    };
  }

  function progressNow(suction: number) {
    const started = ordersOf(feed.events)
      .filter((o) => o.order === 'machine')
      .at(-1);
    return recoveryProgress(
      feed.samples.flatMap((s): [number, number][] =>
        typeof s.values.scaleOz === 'number' && s.runSeconds >= (started?.runSeconds ?? 0)
          ? [[s.runSeconds / S_PER_MIN, s.values.scaleOz]]
          : [],
      ),
      {
        suctionPsig: suction,
        cylinderF: value('cylinderF'),
        leftOz: rec.expectedOz === undefined ? undefined : Math.max(0, rec.expectedOz - movedOz),
        fillShare: fill?.share,
      },
    );
  }

  async function machineOff(): Promise<void> {
    await order({ kind: 'machine', on: false });
    if (!cylinder) return;
    await write('recovered', {
      cylinderId: cylinder.id,
      startGrossOz: Number(switches?.startGrossOz ?? 0),
      endGrossOz: value('scaleOz') ?? 0,
      oily: false,
      scale: 'simulated scale',
      runId: run!.id,
    });
  }

  /** How much ice what is still to come would melt. */
  function iceWords(): string {
    const left = rec.expectedOz === undefined ? 0 : (rec.expectedOz - movedOz) / OZ_PER_LB;
    const ice = refrigerant && left > 0.1 ? chillIce({ refrigerant, recoverLb: left }) : undefined;
    return ice?.ok
      ? `about ${Math.ceil(ice.value.iceLb)} lb of ice takes up what is still to come; `
      : 'chill it in ice water; ';
  }

  const fill = cylinder && refrigerant ? cylinderFillOf(cylinder, refrigerant) : undefined;
  const contents = (cylinder?.contentsOz ?? 0) + movedOz;
  const share =
    cylinder && refrigerant
      ? (f: number): number => contents / OZ_PER_LB / (cylinder.waterCapacityLb * specificGravity(refrigerant, f))
      : undefined;
  const expected = stillExpectedOz(sheet);
  const live = run ? liveMove() : undefined;
  return (
    <CircuitFrame
      view={view}
      phase="recover"
      about={
        rec.old
          ? `${rec.old.body.refrigerant}${rec.expectedOz !== undefined ? ` · ${lbOz(rec.expectedOz)} expected` : ' · charge not known'}`
          : 'make safe, recover, then open'
      }
      checks={rec.checks}
      live={live}
      presets={{
        recovered: cylinder ? { cylinderId: cylinder.id } : {},
        method: rec.advice ? { method: rec.advice.method, reason: rec.advice.reasons.slice(0, 300) } : {},
      }}
      offers={[
        'old-charge',
        'removal-facts',
        'method',
        'dead-proof',
        'pump-down',
        'rebound',
        'recovered',
        'level',
        'leak-exception',
        'held-in-unit',
      ]}
      figures={
        <BigFigure
          label={run ? 'Suction now' : 'Recovered'}
          testId="recover-now"
          value={
            run && value('suctionPsig') !== undefined
              ? value('suctionPsig')!.toFixed(1)
              : rec.recoveredOz > 0
                ? (rec.recoveredOz / 16).toFixed(2)
                : '–'
          }
          unit={run && value('suctionPsig') !== undefined ? 'psig' : 'lb'}
          note={
            rec.recoveredOz > 0
              ? `${lbOz(rec.recoveredOz)} in the cylinder${rec.share ? `, ${rec.share.pct.toFixed(0)} % of what was expected` : ''}`
              : undefined
          }
        />
      }
      below={
        sheet.signOffs.some((s) => s.phase === 'recover') ? null : (
          <Notice kind="look-again">
            Never vent. Gloves and eye protection; no flame on a charged circuit; prove it dead before a pipe is cut.
            {refrigerant === 'R-32' || refrigerant === 'R-454B'
              ? ' A2L: ventilate, no spark, A2L-rated machine, never below 0 psig with the compressor running.'
              : ''}
          </Notice>
        )
      }
    >
      <div className="grid items-start gap-x-8 gap-y-3 lg:grid-cols-[auto_1fr]">
        {cylinder && fill ? (
          <div>
            <CylinderPicture
              tag={cylinder.tag}
              refrigerant={cylinder.refrigerant}
              contentsOz={contents}
              limitOz={fill.limitOz}
              liquidShare={share?.(77)}
              hotShare={share?.(HOT_F)}
              expectedOz={expected === undefined ? undefined : Math.max(0, expected - movedOz)}
              psig={value('cylinderPsig')}
              temperatureF={value('cylinderF')}
            />
            <ul className="max-w-[270px]">
              {cylinderChecks(cylinder, refrigerant as Refrigerant, expected, today()).map((c) => (
                <li key={c.id} className="grid grid-cols-[22px_1fr] py-0.5 text-[14px] leading-snug">
                  <Mark kind={c.verdict} /> {c.claim}
                </li>
              ))}
            </ul>
          </div>
        ) : (
          <p className="max-w-[34ch] text-ink2">
            {rec.old
              ? 'No recovery cylinder on the ledger takes this refrigerant.'
              : 'The cylinder shows here once the old refrigerant is known.'}
          </p>
        )}
        <PumpDownGuide view={rec} suctionPsig={value('suctionPsig')} switches={switches} />
      </div>
    </CircuitFrame>
  );
}

const today = (): string => new Date().toISOString().slice(0, 10);
