import { choice, code, text } from '@/core/form/field';
import { tell } from '@/core/phases/hand-over/words';
import { entry } from '@/core/phases/log/entry';
import { list, value } from '@/core/words/said';

/** What carries a serial of its own, for its warranty. */
export const SERIAL_PIECES = [
  'outdoor unit',
  'air handler',
  'cased coil',
  'furnace',
  'packaged unit',
  'heater kit',
  'thermostat',
  'other piece',
] as const;

/** The serial of every new piece: typed, or read off its barcode; a picture of the plate hangs on it. */
export const serialEntries = {
  serial: entry(
    tell('log.serial'),
    {
      piece: choice(tell('serial.piece'), SERIAL_PIECES),
      model: code(tell('serial.model'), 60, 0, { hint: tell('after.may-stay-empty') }),
      serial: code(tell('serial.serial'), 60, 1, { hint: tell('serial.take-picture-of-plate-too') }),
      where: text(tell('serial.which-system'), 80, 0, { hint: tell('after.may-stay-empty') }),
    },
    (b) =>
      tell('log.serial-line', {
        piece: value(b.piece),
        rest: list([
          b.serial,
          b.model ? tell('log.serial-model', { model: b.model }) : undefined,
          b.where || undefined,
        ]),
      }),
    { ofJob: true },
  ),
};
