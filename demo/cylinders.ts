import type { CylinderBody } from '@/contract/circuit';
import { demoDay } from './demo-day';

/** Invented cylinders of the demo company, with what is in them at the start. */
type DemoCylinder = { body: Omit<CylinderBody, 'version'>; contentsOz: number };

const id = (n: number): string => `0198a000-0000-7000-8000-0000000001${String(n).padStart(2, '0')}`;
const cylinder = (n: number, tag: string, change: Partial<CylinderBody>, contentsOz: number): DemoCylinder => ({
  contentsOz,
  body: {
    id: id(n),
    tag,
    use: 'recovery',
    refrigerant: null,
    waterCapacityLb: 47.7,
    tareOz: 452,
    ratingPsig: 400,
    retestOn: demoDay(700),
    disposable: false,
    flammableMark: false,
    dipTube: true,
    state: 'in use',
    ...change,
  },
});
const supply = (
  n: number,
  tag: string,
  refrigerant: CylinderBody['refrigerant'],
  contentsOz: number,
  flammableMark = true,
): DemoCylinder =>
  cylinder(
    n,
    tag,
    {
      use: 'supply',
      refrigerant,
      waterCapacityLb: 26.2,
      tareOz: 108,
      retestOn: null,
      disposable: true,
      flammableMark,
      dipTube: false,
    },
    contentsOz,
  );

export const DEMO_CYLINDERS: readonly DemoCylinder[] = [
  cylinder(1, 'RC-11', { refrigerant: 'R-410A' }, 60),
  cylinder(2, 'RC-12', { refrigerant: 'R-22', ratingPsig: 350 }, 596),
  cylinder(3, 'RC-14', { flammableMark: true }, 0),
  cylinder(4, 'RC-07', { refrigerant: 'R-410A', retestOn: demoDay(-40) }, 88),
  supply(5, 'S-454-2', 'R-454B', 251),
  supply(6, 'S-454-3', 'R-454B', 320),
  supply(7, 'S-410-9', 'R-410A', 190, false),
  supply(8, 'S-32-1', 'R-32', 288),
];
