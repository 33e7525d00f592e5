import type { Finding, Verdict } from '@/core/finding/finding';
import { SOURCE_WORDS } from '@/core/phases/wire/names';
import type { CircuitView } from '@/core/phases/wire/power';
import { q, value } from '@/core/words/said';
import { Paper } from '@/web/bench/sheet/Paper';
import { verdictColour } from '@/web/bench/verdict-colour';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { pressed } from './pressed';

const NARROW_PX = 520;
const STEP_PX = 62;
const WIDE_PX = 104;

type Station = {
  name: string;
  figure: string;
  verdict: Verdict /** The finding that holds its working. */;
  work: string;
};

/** The circuit as one line: panel, breaker, conductor, disconnect, whip, unit, with the number at each part. */
export function OneLine({ circuit }: { circuit: CircuitView }) {
  const stations = stationsOf(circuit);
  return (
    <Paper
      id={`line-${circuit.plate.which}`}
      label={t('web.one-line-of', { which: SOURCE_WORDS[circuit.plate.which] })}
      height={(w) => (w < NARROW_PX ? stations.length * STEP_PX + 10 : WIDE_PX)}
    >
      {(width) => (width < NARROW_PX ? <Down stations={stations} /> : <Along stations={stations} width={width} />)}
    </Paper>
  );
}

function Along({ stations, width }: { stations: readonly Station[]; width: number }) {
  const step = (width - 60) / (stations.length - 1);
  const y = 40;
  return (
    <g>
      <path d={`M30 ${y}H${width - 30}`} stroke="var(--ink)" strokeWidth="3" />
      {stations.map((s, i) => (
        <g key={s.name}>
          <Stop x={30 + i * step} y={y} station={s} />
          <text
            x={30 + i * step}
            y={y + 33}
            textAnchor={anchor(i, stations.length)}
            dx={shift(i, stations.length)}
            fontSize="15"
            fontWeight="680"
            fill="var(--ink)"
          >
            {s.figure}
          </text>
          <text
            x={30 + i * step}
            y={y + 51}
            textAnchor={anchor(i, stations.length)}
            dx={shift(i, stations.length)}
            fontSize="13"
            fill="var(--ink2)"
          >
            {s.name}
          </text>
        </g>
      ))}
    </g>
  );
}
const anchor = (i: number, n: number) => (i === 0 ? 'start' : i === n - 1 ? 'end' : 'middle');
const shift = (i: number, n: number): number => (i === 0 ? -14 : i === n - 1 ? 14 : 0);

function Down({ stations }: { stations: readonly Station[] }) {
  return (
    <g>
      <path d={`M24 26V${(stations.length - 1) * STEP_PX + 26}`} stroke="var(--ink)" strokeWidth="3" />
      {stations.map((s, i) => (
        <g key={s.name}>
          <Stop x={24} y={26 + i * STEP_PX} station={s} />
          <text x={54} y={24 + i * STEP_PX} fontSize="16" fontWeight="680" fill="var(--ink)">
            {s.figure}
          </text>
          <text x={54} y={42 + i * STEP_PX} fontSize="13" fill="var(--ink2)">
            {s.name}
          </text>
        </g>
      ))}
    </g>
  );
}

const SIDE = 26;
function Stop({ x, y, station: { name, figure, verdict, work } }: { x: number; y: number; station: Station }) {
  return (
    <g {...pressed(() => showWorking(work))} aria-label={`${name} ${figure}`}>
      <rect x={x - 24} y={y - 24} width={48} height={48} fill="transparent" />
      <rect
        x={x - SIDE / 2}
        y={y - SIDE / 2}
        width={SIDE}
        height={SIDE}
        fill={verdict === 'good' ? verdictColour('good') : 'var(--sheet)'}
        stroke={verdictColour(verdict)}
        strokeWidth="3"
        strokeDasharray={verdict === 'not-proven' ? '5 4' : undefined}
      />
    </g>
  );
}

/** Opens the working of a number: why, whose rule, which edition. */
function showWorking(id: string): void {
  const work = document.getElementById(`work-${id}`);
  if (!(work instanceof HTMLDetailsElement)) return;
  work.open = true;
  work.scrollIntoView({ block: 'center' });
}

function stationsOf({ plate, entry, findings }: CircuitView): Station[] {
  const b = entry?.body;
  const of = (id: string): Pick<Station, 'verdict' | 'work'> => {
    const f: Finding | undefined = findings.find((x) => x.id.endsWith(`:${id}`)) ?? findings[0];
    return { verdict: f?.id.endsWith(`:${id}`) ? f.verdict : 'not-proven', work: f?.id ?? '' };
  };
  const amps = (v: number | null | undefined): string =>
    v === null || v === undefined ? '–' : say(q(v, 'A', 'as is'));
  return [
    {
      name: t('web.panel'),
      figure: b?.supplyV ? say(q(b.supplyV, 'V', 0)) : `${plate.volts} V`,
      ...of('supply'),
    },
    { name: t(b?.ocpd === 'fuses' ? 'web.fuses' : 'web.breaker'), figure: amps(b?.ocpdA), ...of('ocpd') },
    {
      name: b ? say(value(b.cable)) : t('web.conductor'),
      figure: b?.awg ? `${b.awg} AWG` : '–',
      ...of('conductor'),
    },
    { name: t('web.ground'), figure: b?.groundAwg ? `${b.groundAwg} AWG` : '–', ...of('ground') },
    { name: t('web.disconnect'), figure: amps(b?.disconnectA), ...of('disconnect') },
    {
      name: say(SOURCE_WORDS[plate.which]),
      figure: plate.mcaA === null ? '–' : t('web.mca', { a: q(plate.mcaA, 'A', 'as is') }),
      ...of('drop'),
    },
  ];
}
