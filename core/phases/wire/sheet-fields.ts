import { either, figure, is, maybe, pick, text } from '@/core/form/field';
import { tell } from './words';

const YES_OR_NO = [
  [true, tell('wire.yes')],
  [false, tell('wire.no')],
] as const;

/** How a thermostat is set up: the same questions where it is to be set and where it is read back. */
export const STAT_FIELDS = {
  systemType: pick(tell('wire.stat-system'), {
    conventional: tell('wire.stat-conventional'),
    'heat pump': tell('wire.stat-heat-pump'),
    'dual fuel': tell('wire.stat-dual-fuel'),
  }),
  valve: maybe(
    pick(
      tell('wire.valve-energized-in'),
      { O: tell('wire.o-in-cooling'), B: tell('wire.b-in-heating') },
      { when: is('systemType', 'heat pump', 'dual fuel') },
    ),
  ),
  compressorStages: pick(tell('wire.compressor-stages'), { '1': tell('wire.one'), '2': tell('wire.two') }),
  auxStages: pick(tell('wire.heat-stages-besides'), {
    '0': tell('wire.none'),
    '1': tell('wire.one'),
    '2': tell('wire.two'),
  }),
  fanInHeat: pick(tell('wire.fan-in-heating-by'), {
    equipment: tell('wire.the-equipment'),
    thermostat: tell('wire.the-thermostat'),
  }),
  compressorCyclesPerHour: figure(tell('wire.cycles-an-hour'), 1, 6, ''),
  compressorMinOffMin: figure(tell('wire.compressor-rests'), 0, 10, 'min'),
  changeover: pick(tell('wire.changeover'), { manual: tell('wire.by-hand'), auto: tell('wire.by-itself') }),
  deadbandF: figure(tell('wire.band-between-heat-and-cool'), 1, 15, '°F'),
  heatMaxF: figure(tell('wire.heats-at-most-to'), 50, 95, '°F'),
  coolMinF: figure(tell('wire.cools-at-most-to'), 50, 95, '°F'),
  auxLockoutAboveF: maybe(figure(tell('wire.strips-locked-out-above'), -20, 70, '°F')),
  compressorLockoutBelowF: maybe(figure(tell('wire.compressor-locked-out-below'), -30, 60, '°F')),
  outdoorSensor: pick(
    tell('wire.outdoor-sensor'),
    { wired: tell('wire.wired'), 'from the network': tell('wire.from-the-network'), none: tell('wire.none') },
    { stacked: true },
  ),
  sensorMisplaced: either(tell('wire.sensor-in-sun-or-discharge'), YES_OR_NO, {
    when: is('outdoorSensor', 'wired'),
    unasked: false,
  }),
};

/** Switches, taps or menu of the blower, and what the boards outdoors are set to. */
export const BLOWER_FIELDS = {
  how: pick(
    tell('wire.blower-is-set-by'),
    { taps: tell('wire.taps'), switches: tell('wire.switches'), menu: tell('wire.menu') },
    {},
  ),
  setting: text(tell('wire.as-set'), 120, 1, { hint: tell('wire.for-example-switch-a') }),
  setForTons: figure(tell('wire.set-for-a-unit-of'), 0.75, 25, 'tons'),
  coolCfm: figure(tell('wire.air-at-full-cooling'), 100, 20_000, 'CFM'),
  lowCoolCfm: maybe(figure(tell('wire.air-at-low-cooling'), 100, 20_000, 'CFM')),
  heatCfm: figure(tell('wire.air-in-heating'), 100, 20_000, 'CFM'),
  fanCfm: maybe(figure(tell('wire.air-with-fan-alone'), 50, 20_000, 'CFM')),
  crankcaseW: maybe(figure(tell('wire.crankcase-heater'), 5, 500, 'W', { hint: tell('wire.empty-where-it-has-none') })),
  crankcaseA: maybe(
    figure(tell('wire.crankcase-reads'), 0, 10, 'A', { when: ({ crankcaseW }) => typeof crankcaseW === 'number' }),
  ),
  crankcaseV: maybe(
    figure(tell('wire.at-volts'), 50, 600, 'V', { when: ({ crankcaseW }) => typeof crankcaseW === 'number' }),
  ),
  defrostMin: maybe(figure(tell('wire.defrost-every'), 20, 150, 'min')),
  defrostEndF: maybe(figure(tell('wire.defrost-ends-at'), 40, 90, '°F')),
  delay: either(tell('wire.compressor-delay-on-the-board'), YES_OR_NO),
};

/** What is fitted before a compressor so that it starts with less. */
export const STARTER_FIELDS = {
  model: text(tell('wire.model'), 80, 1),
  maxRlaA: figure(tell('wire.rated-up-to-rla'), 1, 300, 'A'),
  maxLraA: figure(tell('wire.rated-up-to-lra'), 1, 1500, 'A'),
  rlaA: maybe(figure(tell('wire.compressors-rla'), 1, 300, 'A')),
  lraA: maybe(figure(tell('wire.compressors-lra'), 1, 1500, 'A')),
  interrupts: pick(
    tell('wire.it-interrupts'),
    { run: tell('wire.the-run-lead'), common: tell('wire.the-common-lead') },
    { hint: tell('wire.by-its-own-drawing') },
  ),
  builtInStart: either(tell('wire.has-its-own-start-capacitor'), YES_OR_NO),
  makerAllows: either(tell('wire.compressors-maker-allows-it'), YES_OR_NO),
  learningStarts: maybe(figure(tell('wire.learning-starts-it-needs'), 0, 50, '')),
  crOhms: maybe(figure(tell('wire.winding-c-r'), 0.01, 100, 'Ω', { more: true })),
  csOhms: maybe(figure(tell('wire.winding-c-s'), 0.01, 100, 'Ω', { more: true })),
  rsOhms: maybe(figure(tell('wire.winding-r-s'), 0.01, 100, 'Ω', { more: true })),
  otherKva: maybe(figure(tell('wire.what-else-runs-on-the-generator'), 0, 200, 'kVA', { more: true })),
};

/** Dampers against the air that a stage must move. */
export const ZONE_FIELDS = {
  strokeS: figure(tell('wire.stroke-of-a-damper'), 5, 600, 's'),
  rehomeS: figure(tell('wire.driven-to-find-its-end'), 5, 1200, 's'),
  lowStageCfm: figure(tell('wire.least-air-of-the-lowest-stage'), 50, 20_000, 'CFM'),
  smallestOpenCfm: figure(tell('wire.smallest-zone-takes'), 20, 20_000, 'CFM'),
  leakageCfm: figure(tell('wire.closed-dampers-leak'), 0, 5000, 'CFM'),
  bypass: pick(
    tell('wire.what-takes-the-rest'),
    {
      none: tell('wire.none'),
      bypass: tell('wire.bypass'),
      'static sensor': tell('wire.dampers-by-a-static-sensor'),
      'capacity steps': tell('wire.capacity-steps'),
    },
    { stacked: true },
  ),
};
