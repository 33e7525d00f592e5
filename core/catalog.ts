import { moistAir } from '@/core/air/moist-air';
import { lineSetCharge } from '@/core/circuit/line-set-charge';
import { totalCharge, toWeighIn } from '@/core/circuit/total-charge';
import type { AnyCalculation } from '@/core/finding/calculation';
import {
  liquidDensity,
  saturationPressure,
  saturationTemperature,
  subcooling,
  superheat,
} from '@/core/refrigerant/saturation-calculations';
import { airflowByHeatRise, airflowByStatic } from '@/core/startup/airflow';
import { chargeStep } from '@/core/startup/charge-step';
import {
  approach,
  coilDifference,
  compressionRatio,
  condensingOverAmbient,
  expectedCompressorAmps,
} from '@/core/startup/circuit-figures';
import { targetAirSplit } from '@/core/startup/target-split';
import { targetSuperheat } from '@/core/startup/target-superheat';

/** Every calculation of the product. The command line, the server, the formulas page and docs/sources.md read this list. */
export const CATALOG: readonly AnyCalculation[] = [
  saturationPressure,
  saturationTemperature,
  superheat,
  subcooling,
  liquidDensity,
  targetSuperheat,
  targetAirSplit,
  condensingOverAmbient,
  approach,
  coilDifference,
  compressionRatio,
  expectedCompressorAmps,
  airflowByHeatRise,
  airflowByStatic,
  moistAir,
  lineSetCharge,
  totalCharge,
  toWeighIn,
  chargeStep,
] as unknown as readonly AnyCalculation[];

export function findCalculation(id: string): AnyCalculation | undefined {
  return CATALOG.find((calculation) => calculation.spec.id === id);
}
