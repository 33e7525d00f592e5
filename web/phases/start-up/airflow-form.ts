import { type Outcome, ok } from '@/core/finding/outcome';
import { type Answers, figure, formOf, is, onlyWhen, pick } from '@/core/form/field';
import { gasAirflow } from '@/core/furnace/gas';
import { AIRFLOW_METHODS, airflowByDrop, airflowByHeatRise, airflowByStatic } from '@/core/startup/airflow';
import { tell } from '@/web/words/tell';

const [GRID, STRIPS, STATIC, , GAS, DROP, REGISTERS] = AIRFLOW_METHODS;
const strips = is('method', STRIPS);
const table = is('method', STATIC);
const gas = is('method', GAS);
const drop = is('method', DROP);
const typedCfm = (said: Answers): boolean => said.method === GRID || said.method === REGISTERS;

/** How the airflow was measured, the quickest way first, and its figures. */
const FIELDS = {
  method: pick(
    tell('web.method'),
    {
      [GRID]: tell('web.flow-grid-or-hood-about-5'),
      [STATIC]: tell('web.static-with-blower-table-about-8'),
      [STRIPS]: tell('web.strip-heat-rise-about-10-min'),
      [GAS]: tell('web.gas-heat-rise-about-15-min'),
      [DROP]: tell('web.drop-over-coil-or-filter-about-5-min'),
      [REGISTERS]: tell('web.sum-of-registers-about-20-min'),
    },
    { stacked: true, start: GRID },
  ),
  cfm: onlyWhen(typedCfm, figure(tell('web.measured-airflow'), 100, 10_000, 'CFM')),
  volts: onlyWhen(strips, figure(tell('web.voltage-at-strips-under-load'), 100, 600, 'V')),
  amps: onlyWhen(strips, figure(tell('web.amps-of-strips'), 1, 200, 'A')),
  outputBtuh: onlyWhen(gas, figure(tell('web.output-by-clocked-input'), 1000, 2_000_000, 'Btu/h')),
  riseF: onlyWhen((said) => strips(said) || gas(said), figure(tell('web.supply-over-return'), 5.1, 120, '°F')),
  tespInWc: onlyWhen(table, figure(tell('web.total-external-static'), 0, 2, 'in. w.c.')),
  lowStaticInWc: onlyWhen(table, figure(tell('web.table-point-below-static'), 0, 2, 'in. w.c.')),
  lowStaticCfm: onlyWhen(table, figure(tell('web.table-point-below-airflow'), 50, 5000, 'CFM')),
  highStaticInWc: onlyWhen(table, figure(tell('web.table-point-above-static'), 0, 2, 'in. w.c.')),
  highStaticCfm: onlyWhen(table, figure(tell('web.table-point-above-airflow'), 50, 5000, 'CFM')),
  dropInWc: onlyWhen(drop, figure(tell('web.drop-read'), 0.01, 2, 'in. w.c.')),
  tableDropInWc: onlyWhen(drop, figure(tell('web.drop-of-its-table'), 0.01, 2, 'in. w.c.')),
  tableCfm: onlyWhen(drop, figure(tell('web.air-of-its-table'), 50, 20_000, 'CFM')),
};
export const AIRFLOW_FORM = formOf(FIELDS);

export const isGrid = (said: Answers): boolean => said.method === GRID;
export const isStrips = (said: Answers): boolean => said.method === STRIPS;

/** The airflow that these answers give; why there is none, where two of them contradict each other; undefined while one is missing. */
export function airflowOf(said: Answers, elevationFt: number): Outcome<{ airflowCfm: number }> | undefined {
  if (!AIRFLOW_FORM.schema.safeParse(asked(said)).success) return undefined;
  const { cfm, volts, amps, riseF, outputBtuh, dropInWc, tableDropInWc, tableCfm, method, ...points } = said as Record<
    string,
    number
  >;
  if (typedCfm(said)) return ok({ airflowCfm: cfm! });
  if (isStrips(said)) return airflowByHeatRise({ volts: volts!, amps: amps!, riseF: riseF!, elevationFt });
  if (drop(said)) return airflowByDrop({ dropInWc: dropInWc!, tableDropInWc: tableDropInWc!, tableCfm: tableCfm! });
  if (!gas(said)) return airflowByStatic(points as Parameters<typeof airflowByStatic>[0]);
  const fired = gasAirflow({ outputBtuh: outputBtuh!, riseF: riseF!, elevationFt });
  return fired.ok ? ok({ airflowCfm: fired.value.cfm }) : fired;
}

/** Without what was typed under another method. */
const asked = (said: Answers): Answers =>
  Object.fromEntries(
    Object.entries(FIELDS).flatMap(([name, f]) => ('when' in f && f.when && !f.when(said) ? [] : [[name, said[name]]])),
  );
