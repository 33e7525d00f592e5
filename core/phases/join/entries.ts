import { z } from 'zod';
import { ACR_INSIDE_IN, ACR_SIZES, odText } from '@/core/circuit/acr-tube';
import { allows, REFUSED } from '@/core/finding/allow';
import { num, oneOf } from '@/core/finding/quantity-field';
import {
  choice,
  count,
  either,
  figure,
  is,
  type Look,
  maybe,
  own,
  pick,
  sinceLater,
  text,
  usual,
  yes,
} from '@/core/form/field';
import { tell } from '@/core/phases/join/words';
import { entry } from '@/core/phases/log/entry';
import { psig } from '@/core/phases/log/lines';
import { q, type Said, value } from '@/core/words/said';
import { LIQUID_WAYS } from './liquid-ways';

const od = () =>
  z
    .number()
    .refine((v) => ACR_INSIDE_IN.has(v), REFUSED.tubeSize)
    .meta(allows(ACR_SIZES));
const SIZES = [...ACR_INSIDE_IN.keys()].map((size) => [size, odText(size).replace(' in', '')] as const);
const tube = (label: Said, from: number, to: number) => usual(label, od(), SIZES.slice(from, to));

export const REUSE_TROUBLES = [
  'wrong diameter',
  'concealed kink',
  'corrosion',
  'leak not found',
  'burnout or acid',
  'mineral oil left in it',
  'wall or rating too weak',
  'insulation out of reach',
] as const;
export const JOINT_METHODS = ['braze', 'press', 'flare', 'coupling'] as const;
/** What is done to a tube before it is joined (common practice). */
export const PREPARED = ['reamed', 'cleaned', 'dry-fitted'] as const;

/** What meters outdoors when a heat pump heats. */
export const OUTDOOR_METERS = ['expansion valve', 'electronic valve', 'orifice'] as const;

const WAYS = ['along', 'up', 'down'] as const;
const pieces = z
  .array(z.strictObject({ ft: num(0.5, 300, 'ft'), way: oneOf(WAYS) }))
  .min(1)
  .max(30)
  .describe('1 to 30 pieces, from the outdoor unit to the coil');
const brazed = { when: is('method', 'braze') };

const pressed = { when: is('method', 'press') };
const coupled = { when: is('method', 'coupling') };
const answered = (label: Said, look: Look) =>
  either(
    label,
    [
      [true, tell('joining.yes')],
      [false, tell('joining.no')],
    ],
    look,
  );
/** What a leak check found: both ways are wanted at a coupling. */
const found = (label: Said, look: Look) =>
  pick(label, { clean: tell('joining.nothing-found'), leaks: tell('joining.it-leaks') }, look);

/** Asked since later, and further down. */
const further = <S extends z.ZodType>(field: Parameters<typeof sinceLater<S>>[0]) => ({
  ...sinceLater(field),
  more: true as const,
});

/** What is written down of the line set and its joints. */
export const joinEntries = {
  opened: entry(
    tell('log.opened'),
    {
      nitrogenPsig: figure(tell('joining.nitrogen-in-it'), 0, 50, 'psig', {
        hint: tell('joining.1-to-2-before-the-cut'),
      }),
      cut: pick(tell('joining.opened-by'), {
        cold: tell('joining.tube-cutter-or-wrench'),
        torch: tell('joining.torch'),
      }),
      capped: either(tell('joining.open-ends'), [
        [true, tell('joining.capped')],
        [false, tell('joining.left-open')],
      ]),
    },
    (b) => tell('log.opened-line', { nitrogenPsig: psig(b.nitrogenPsig), cut: value(b.cut) }),
    { edited: true, caution: tell('joining.never-more-than-a-breath-of-nitrogen') },
  ),
  'line-run': entry(
    tell('log.line-set'),
    {
      setType: pick(tell('joining.line-set'), {
        'field-charged': tell('joining.cut-and-joined-here'),
        'pre-charged': tell('joining.pre-charged-quick-connect'),
      }),
      kept: yes(tell('joining.old-line-set-stays')),
      flushed: yes(tell('joining.flushed-until-clean'), { when: is('kept', true) }),
      troubles: own(
        z.array(z.enum(REUSE_TROUBLES)).max(REUSE_TROUBLES.length).describe(REUSE_TROUBLES.join(', ')),
        tell('joining.found-on-kept-line'),
        { kind: 'several', options: REUSE_TROUBLES.map((name) => [name, value(name)]) },
        { when: is('kept', true), start: [], unasked: [] },
      ),
      liquidOdIn: tube(tell('joining.liquid-line-od-in'), 0, 5),
      vaporOdIn: tube(tell('joining.vapour-line-od-in'), 2, SIZES.length),
      pieces: own(pieces, tell('joining.from-outdoor-unit-to-coil'), { kind: 'pieces' }),
      elbows: count(tell('joining.elbows'), 0, 60),
      vaporWallIn: figure(tell('joining.insulation-on-vapour-line'), 0, 3, 'in'),
      leastTons: maybe(
        figure(tell('joining.least-capacity-it-runs-at'), 0.2, 25, 'tons', {
          hint: tell('joining.for-oil-return-empty-nominal-one'),
        }),
      ),
      serial: maybe(text(tell('joining.kit-serial'), 60, 0, { when: is('setType', 'pre-charged') })),
      kitFt: sinceLater(
        maybe(figure(tell('joining.length-of-kit'), 3, 200, 'ft', { when: is('setType', 'pre-charged') })),
      ),
      spare: sinceLater(
        maybe(
          choice(tell('joining.what-is-too-long-is'), ['nothing', 'coiled flat', 'hung in loops'], {
            when: is('setType', 'pre-charged'),
          }),
        ),
      ),
      riserOdIn: further(
        maybe(
          usual(tell('joining.riser-of-another-size'), od(), SIZES.slice(2), {
            hint: tell('joining.reducers-log-both-sizes'),
          }),
        ),
      ),
      traps: further(maybe(count(tell('joining.traps-in-vapor-line'), 0, 12))),
      invertedTrap: further(
        maybe(
          either(tell('joining.loop-over-the-coil'), [
            [true, tell('joining.yes')],
            [false, tell('joining.no')],
          ]),
        ),
      ),
      aroundF: further(
        maybe(
          figure(tell('joining.hottest-air-around-vapor-line'), -20, 160, '°F', {
            hint: tell('joining.attic-crawlspace-or-wall'),
          }),
        ),
      ),
      dewPointF: further(maybe(figure(tell('joining.dew-point-there'), -20, 95, '°F'))),
      liquidThrough: further(
        own(
          z.array(z.enum(LIQUID_WAYS)).max(LIQUID_WAYS.length).describe(LIQUID_WAYS.join(', ')),
          tell('joining.liquid-line-runs-through'),
          { kind: 'several', options: LIQUID_WAYS.map((name) => [name, value(name)]) },
          { start: [] },
        ),
      ),
      liquidWallIn: further(maybe(figure(tell('joining.insulation-on-liquid-line'), 0, 3, 'in'))),
    },
    (b) =>
      tell('log.and', {
        liquidOdIn: q(b.liquidOdIn, 'od'),
        vaporOdIn: q(b.vaporOdIn, 'od'),
        value: q(
          b.pieces.reduce((s, p) => s + p.ft, 0),
          'ft',
        ),
        setType: value(b.setType),
      }),
    { edited: true },
  ),
  joint: entry(
    tell('log.joint'),
    {
      place: text(tell('joining.where'), 60, 1),
      line: pick(tell('joining.on'), { liquid: tell('joining.liquid-line-2'), vapour: tell('joining.vapour-line') }),
      method: choice(tell('joining.made-by'), JOINT_METHODS),
      odIn: tube(tell('joining.tube-od-in'), 0, 8),
      socketIn: maybe(
        figure(tell('joining.inside-of-socket'), 0.1, 2, 'in', {
          hint: tell('joining.when-fitting-was-stretched-or-swapped'),
          ...brazed,
        }),
      ),
      metals: choice(tell('joining.metals'), ['copper to copper', 'copper to brass', 'copper to steel', 'aluminium'], {
        ...brazed,
        unasked: 'copper to copper',
      }),
      alloy: choice(tell('joining.alloy'), ['copper-phosphorus', 'silver with flux', 'maker’s procedure', 'none'], {
        ...brazed,
        unasked: 'none',
      }),
      nitrogenScfh: maybe(
        figure(tell('joining.nitrogen-flowing'), 0, 60, 'ft³/h', {
          hint: tell('joining.3-to-5-far-end-open'),
          ...brazed,
        }),
      ),
      heatShield: yes(tell('joining.heat-kept-off-valves-and-bulbs'), brazed),
      torqueFtLb: maybe(figure(tell('joining.torque'), 1, 150, 'ft·lb', { when: is('method', 'flare') })),
      toOdIn: further(
        maybe(usual(tell('joining.reducer-to'), od(), SIZES, { hint: tell('joining.only-at-a-reducer') })),
      ),
      prepared: sinceLater(
        own(
          z.array(z.enum(PREPARED)).max(PREPARED.length).describe(PREPARED.join(', ')),
          tell('joining.tube-was'),
          { kind: 'several', options: PREPARED.map((name) => [name, value(name)]) },
          { when: is('method', 'braze', 'press', 'flare'), start: [], unasked: [] },
        ),
      ),
      depthMarked: sinceLater(maybe(answered(tell('joining.depth-mark-at-edge-after-pressing'), pressed))),
      gauged: sinceLater(maybe(answered(tell('joining.jaw-of-this-size-and-gauge-passes'), pressed))),
      tubeFace: sinceLater(
        maybe(choice(tell('joining.tube-under-the-fitting'), ['clean and round', 'pitted', 'oval'], { ...pressed })),
      ),
      brazeIn: further(
        maybe(
          figure(tell('joining.nearest-brazed-joint'), 0, 120, 'in', { hint: tell('joining.may-be-none'), ...pressed }),
        ),
      ),
      brazeLeastIn: further(maybe(figure(tell('joining.maker-asks-at-least'), 0, 60, 'in', pressed))),
      bubbles: sinceLater(maybe(found(tell('joining.bubbles-at-the-coupling'), coupled))),
      detector: sinceLater(maybe(found(tell('joining.detector-at-the-coupling'), coupled))),
      orificeStamp: maybe(
        text(tell('joining.orifice-stamp'), 20, 0, { hint: tell('joining.only-at-metering-device') }),
      ),
      newRing: maybe(
        either(
          'O-ring',
          [
            [true, tell('joining.new')],
            [false, tell('joining.old-one')],
          ],
          { hint: tell('joining.leave-open-where-there-is-none') },
        ),
      ),
    },
    (b) => tell('log.joint-made', { place: b.place, method: value(b.method), od: q(b.odIn, 'od') }),
    { caution: tell('joining.no-flame-on-charged-circuit-nitrogen') },
  ),
  'coil-hiss': entry(
    tell('log.new-coils-seal'),
    {
      hiss: pick(tell('joining.when-new-coils-seal-was-opened'), {
        yes: tell('joining.it-hissed'),
        no: tell('joining.no-hiss'),
        'shipped open': tell('joining.shipped-open'),
      }),
    },
    (b) => value(b.hiss === 'yes' ? 'hissed' : b.hiss === 'no' ? 'no hiss' : b.hiss),
    { edited: true },
  ),
  drier: entry(
    tell('log.drier'),
    {
      line: pick(tell('joining.in-2'), {
        liquid: tell('joining.liquid-line-2'),
        suction: tell('joining.suction-line-2'),
      }),
      direction: choice(tell('joining.flows'), ['both ways', 'one way']),
      arrowToMeter: yes(tell('joining.arrow-points-to-metering-device'), { when: is('direction', 'one way') }),
      ratedTons: figure(tell('joining.rated-for'), 0.25, 50, 'tons'),
      oldOneCut: choice(tell('joining.old-drier'), ['cut out cold', 'torched out', 'there was none', 'left in']),
      factoryDrierToo: yes(tell('joining.unit-has-its-own-drier-besides')),
      // Of a suction drier: the pipe between reversing valve and compressor, or the line that reverses.
      suctionPlace: sinceLater(
        maybe(
          pick(
            tell('joining.it-sits-in'),
            {
              'common suction': tell('joining.pipe-from-reversing-valve-to-compressor'),
              'vapour line': tell('joining.vapour-line-2'),
            },
            { when: is('line', 'suction'), stacked: true },
          ),
        ),
      ),
    },
    (b) => tell('log.line-t', { line: value(b.line), direction: value(b.direction), ratedTons: b.ratedTons }),
    { likeLast: true },
  ),
  'expansion-open': entry(
    tell('log.expansion-valve'),
    { how: choice(tell('joining.for-test-and-vacuum-it-is'), ['driven open', 'service magnet', 'not needed']) },
    (b) => value(b.how),
    { edited: true },
  ),
  'outdoor-meter': entry(
    tell('joining.outdoor-metering-device'),
    {
      device: choice(tell('joining.outdoors-it-meters-by'), OUTDOOR_METERS),
      stamp: maybe(text(tell('joining.orifice-stamp'), 20, 0, { when: is('device', 'orifice') })),
      listed: maybe(
        text(tell('joining.maker-lists-outdoors'), 20, 0, {
          hint: tell('joining.for-heating-with-this-coil'),
          when: is('device', 'orifice'),
        }),
      ),
      freeInCooling: pick(tell('joining.its-check-valve-lets-cooling-pass'), {
        yes: tell('joining.yes'),
        no: tell('joining.no'),
        'not seen': tell('joining.not-seen'),
      }),
    },
    (b) => tell('log.outdoors-meters-by', { device: value(b.device) }),
    { edited: true },
  ),
  'nitrogen-cylinder': entry(
    tell('log.nitrogen-cylinder'),
    {
      nominalScf: figure(tell('joining.cylinder-holds-when-full'), 5, 400, 'ft³'),
      gaugePsig: figure(tell('joining.it-shows-now'), 0, 3000, 'psig'),
      purgeScfh: figure(tell('joining.purge-flow'), 0, 60, 'ft³/h'),
      purgeMin: figure(tell('joining.purging-for'), 0, 600, 'min'),
    },
    (b) => tell('log.at', { nominalScf: q(b.nominalScf, 'ft3', 'as is'), gaugePsig: psig(b.gaugePsig) }),
    { edited: true },
  ),
  'hot-work': entry(
    tell('joining.hot-work-permit'),
    {
      permit: text(tell('joining.permit-number'), 40, 1),
      issuedBy: text(tell('joining.issued-by'), 60, 1),
    },
    (b) => tell('joining.permit-from', { permit: b.permit, issuedBy: b.issuedBy }),
    { edited: true, caution: tell('joining.where-house-or-city-asks-for-one') },
  ),
  'fire-watch': entry(
    tell('log.fire-watch'),
    {
      minutes: figure(tell('joining.watched-after-last-flame'), 0, 240, 'min'),
      extinguisher: yes(tell('joining.extinguisher-at-hand')),
    },
    (b) => tell(b.extinguisher ? 'log.watched-extinguisher' : 'log.watched', { minutes: q(b.minutes, 'min') }),
    { edited: true, caution: tell('joining.look-behind-walls-and-above-ceilings') },
  ),
};
