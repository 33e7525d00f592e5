import { expect, it } from 'vitest';
import { cylinderFillOf } from '@/core/circuit/recovery/cylinder';
import { recoveryCylinder } from '@/core/circuit/recovery/cylinder-choice';
import { EMPTY_CYLINDER } from '@/demo/sample-entries';
import { withSheet } from './use-cylinders';

it('a cylinder that this job has just filled is full at once: the next one is chosen, whatever the older list says', () => {
  const made = (id: string, contentsOz: number) => ({
    id,
    tag: id,
    ...EMPTY_CYLINDER,
    refrigerant: 'R-410A' as const,
    contentsOz,
  });
  const limit = cylinderFillOf(made('a', 0), 'R-410A')!.limitOz;
  const old = [made('a', limit - 100), made('b', limit - 70)];
  const own = [made('a', limit - 4)];
  const pick = (list: ReturnType<typeof withSheet>) => recoveryCylinder(list, 'R-410A', '2026-06-01', 'a', 40)?.id;
  expect(pick(old)).toBe('a');
  expect(pick(withSheet(old, own))).toBe('b');
});
