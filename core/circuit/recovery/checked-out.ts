import type { Refusal } from '@/core/finding/outcome';
import { refusal } from '@/core/finding/outcome';
import type { Cylinder } from './cylinder';
import { tell } from './words';

/** The device that has a cylinder checked out, and who took it on there. */
export type Holder = { deviceId: string; personId: string; by: string; at: string };
/** A cylinder of the company's list. */
export type ListedCylinder = Cylinder & { holder?: Holder | null };

/** Without a connection a device fills and empties what it has checked out: of nothing else it knows what is in it by now. */
export const onThisDevice = <C extends ListedCylinder>(list: readonly C[], deviceId: string): C[] =>
  list.filter((c) => c.holder?.deviceId === deviceId);

/** What stands against using a cylinder on a device that nobody answers. What was moved already is written down all the same. */
export const refusesUnheld = (cylinder: ListedCylinder | undefined, deviceId: string): Refusal | undefined =>
  !cylinder || cylinder.holder?.deviceId === deviceId
    ? undefined
    : refusal(
        'cylinderId',
        cylinder.holder
          ? tell('recovery.cylinder-is-checked-out-by', { tag: cylinder.tag, by: cylinder.holder.by })
          : tell('recovery.cylinder-is-not-checked-out', { tag: cylinder.tag }),
        tell('recovery.cylinder-of-this-device'),
      );
