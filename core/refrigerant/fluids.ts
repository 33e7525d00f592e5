import { r22 } from './coefficients/r22';
import { r32 } from './coefficients/r32';
import { r134a } from './coefficients/r134a';
import { r407c } from './coefficients/r407c';
import { r410a } from './coefficients/r410a';
import { r454b } from './coefficients/r454b';
import type { Refrigerant } from './refrigerants';
import { mixture, pureFluid, type WorkingFluid } from './working-fluid';

const FLUIDS: Record<Refrigerant, WorkingFluid> = {
  'R-410A': pureFluid(r410a),
  'R-32': pureFluid(r32),
  'R-454B': mixture(r454b),
  'R-22': pureFluid(r22),
  'R-407C': pureFluid(r407c),
  'R-134a': pureFluid(r134a),
};

export const workingFluid = (refrigerant: Refrigerant): WorkingFluid => FLUIDS[refrigerant];
