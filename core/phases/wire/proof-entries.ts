import { z } from 'zod';
import { FAULTS } from '@/core/controls/fault-codes';
import { RUNS } from '@/core/controls/plan';
import { CALLS } from '@/core/controls/thermostat';
import { chars, num, oneOf, yesNo } from '@/core/finding/quantity-field';
import { hidden } from '@/core/form/field';
import { entry } from '@/core/phases/log/entry';
import { list, q } from '@/core/words/said';
import { CALL_WORDS, codesWords, deviceWords } from './names';
import { tell } from './words';

const tapped = { ofSystem: true, byTap: true } as const;
const node = chars(1, 60);
const nodeField = () => hidden(node);
/** Read from the simulated cabinet or clamp. */
const simulated = () => hidden(yesNo, { start: false });
/** A call with what was held open. */
const trial = {
  call: hidden(oneOf(CALLS)),
  open: hidden(z.array(oneOf(['float', 'pump', 'wet', 'freeze'])).max(4)),
};

/** What was tried and measured of the controls, and what was put right. */
export const proofEntries = {
  cabinet: entry(
    tell('wire.simulated-cabinet'),
    { seed: hidden(z.number().int().min(0).max(1_000_000)), simulated: simulated() },
    () => tell('wire.cabinet-line'),
    tapped,
  ),
  'control-proof': entry(
    tell('wire.proof-of-the-controls'),
    { ...trial, seen: hidden(z.array(oneOf(RUNS)).max(RUNS.length)), simulated: simulated() },
    (b) =>
      tell('wire.proof-line', {
        call: CALL_WORDS[b.call],
        open: list(b.open.map(deviceWords)),
        seen: codesWords(b.seen),
      }),
    tapped,
  ),
  'meter-reading': entry(
    tell('wire.meter-reading'),
    { ...trial, a: nodeField(), b: nodeField(), volts: hidden(num(0, 700, 'V')), simulated: simulated() },
    (b) => tell('wire.meter-line', { call: CALL_WORDS[b.call], a: b.a, b: b.b, volts: q(b.volts, 'V', 1) }),
    tapped,
  ),
  'fault-mended': entry(
    tell('wire.fault-found-and-mended'),
    { code: hidden(oneOf(FAULTS)), simulated: simulated() },
    (b) => tell('wire.mended-line', { code: b.code }),
    tapped,
  ),
};
