import { ductCapacity, systemAirflow } from '@/core/air/duct/airflow-per-ton';
import { fittingLength } from '@/core/air/duct/fitting-length';
import { flexMultiplier } from '@/core/air/duct/flex';
import { roundDuctFriction } from '@/core/air/duct/friction';
import { frictionRate } from '@/core/air/duct/friction-rate';
import { furnaceRise } from '@/core/air/duct/furnace-rise';
import { equivalentDiameter, rectangularDuctSize } from '@/core/air/duct/rectangular';
import { filterFace, returnArea } from '@/core/air/duct/return-filter';
import { roundDuctSize } from '@/core/air/duct/round-size';
import { trunkSections } from '@/core/air/duct/trunk';
import { zoneBypass, zoneMinimum } from '@/core/air/duct/zoning';
import { moistAir } from '@/core/air/moist-air';
import { a2lRoom } from '@/core/circuit/a2l-room';
import { co2Equivalent } from '@/core/circuit/co2-equivalent';
import { sectionVolume } from '@/core/circuit/hold-volume';
import { hoseCharge } from '@/core/circuit/hose-charge';
import { brazeClearance } from '@/core/circuit/join/braze-clearance';
import { drierDrop } from '@/core/circuit/join/drier-drop';
import { flareTorque } from '@/core/circuit/join/flare-torque';
import { lineInsulation } from '@/core/circuit/join/line-insulation';
import { liquidMargin } from '@/core/circuit/join/liquid-margin';
import { heatingLine } from '@/core/circuit/line/heating-line';
import { linePressureDrop } from '@/core/circuit/line/line-pressure-drop';
import { riserMinimum } from '@/core/circuit/line/riser-minimum';
import { lineSetCharge } from '@/core/circuit/line-set-charge';
import { nitrogenBudget } from '@/core/circuit/pressure/nitrogen-budget';
import { holdVerdict, nitrogenHold } from '@/core/circuit/pressure/nitrogen-hold';
import { nitrogenUse } from '@/core/circuit/pressure/nitrogen-use';
import { chillIce } from '@/core/circuit/recovery/chill-ice';
import { cylinderFill } from '@/core/circuit/recovery/cylinder-fill';
import { cylinderIdentity } from '@/core/circuit/recovery/cylinder-identity';
import { innerVolume } from '@/core/circuit/recovery/inner-volume';
import { pumpDownStorage } from '@/core/circuit/recovery/pump-down-storage';
import { pumpDownRebound } from '@/core/circuit/recovery/rebound';
import { recoveredShare } from '@/core/circuit/recovery/recovered-share';
import { recoveryLevel } from '@/core/circuit/recovery/recovery-level';
import { removalMethod } from '@/core/circuit/recovery/removal-method';
import { standingPressure } from '@/core/circuit/recovery/standing-pressure';
import { roomChargeLimit } from '@/core/circuit/room-charge-limit';
import { totalCharge, toWeighIn } from '@/core/circuit/total-charge';
import { pullDown } from '@/core/circuit/vacuum/pull-down';
import { standingTest } from '@/core/circuit/vacuum/standing-test';
import { waterSaturation } from '@/core/circuit/vacuum/water-saturation';
import { controlNetwork } from '@/core/controls/control-network';
import { cableConductors, controlDrop, damperPosition, transformerLoad } from '@/core/controls/low-voltage';
import { diagnose, diagnoseTwo } from '@/core/diagnosis/diagnose';
import { makerChart } from '@/core/equipment/chart/chart-point';
import type { AnyCalculation } from '@/core/finding/calculation';
import { corridorCorner } from '@/core/fit/access/corridor-corner';
import { faceThroughOpening } from '@/core/fit/access/face-through-opening';
import { hatchPass } from '@/core/fit/access/hatch-pass';
import { curbOverlap, transitionSlope } from '@/core/fit/curb/curb-overlap';
import { condensate, condensatePump, furnaceCondensate } from '@/core/fit/drain/condensate';
import { drainSlope, drainTrap, floatTrip } from '@/core/fit/drain/drain-line';
import { panMargin } from '@/core/fit/drain/pan-margin';
import { bracketLoad } from '@/core/fit/outdoor/bracket-load';
import { outdoorSound } from '@/core/fit/outdoor/outdoor-sound';
import { floodStand, padSlope, snowStand } from '@/core/fit/outdoor/stand';
import { crossoverBox } from '@/core/fit/packaged/crossover-box';
import { coAirFree, gasAirflow, gasAltitude, gasPipeHold, meterClock } from '@/core/furnace/gas';
import { gasPipe } from '@/core/furnace/gas-pipe';
import { bendAllowance } from '@/core/metal/bend';
import { hoodFall } from '@/core/metal/hood-fall';
import { nest } from '@/core/metal/nest';
import { panBlank } from '@/core/metal/pan-blank';
import { squareToRoundPattern } from '@/core/metal/square-to-round';
import { transitionPattern } from '@/core/metal/transition';
import { binCost } from '@/core/money/bin-cost';
import { laterCost } from '@/core/money/later-cost';
import { price } from '@/core/money/price';
import { criticalPath } from '@/core/plan/critical-path';
import { durationFromJobs } from '@/core/plan/duration';
import { finishChance } from '@/core/plan/finish-chance';
import { heatIndex } from '@/core/plan/heat-index';
import { capacitor, capacitorDischarge } from '@/core/power/capacitors';
import { circuitSizing } from '@/core/power/circuit-sizing';
import { conductorAmpacity } from '@/core/power/conductor-ampacity';
import { conductorSize } from '@/core/power/conductor-size';
import { equipmentGround } from '@/core/power/equipment-ground';
import { heatKit } from '@/core/power/heat-kit';
import { imbalance } from '@/core/power/imbalance';
import { generatorStart, inrushReduction } from '@/core/power/inrush';
import { stripHeat } from '@/core/power/strip-heat';
import { voltageDrop } from '@/core/power/voltage-drop';
import {
  liquidDensity,
  saturationPressure,
  saturationTemperature,
  subcooling,
  superheat,
} from '@/core/refrigerant/saturation-calculations';
import { tonnageEstimate } from '@/core/scope/tonnage/tonnage-estimate';
import { balanceNext } from '@/core/set/balance-next';
import { ductLeakage } from '@/core/set/duct-leakage';
import { balancePoint } from '@/core/sizing/balance-point';
import { heatingCapacityLine } from '@/core/sizing/heating-line';
import { sizeCheck } from '@/core/sizing/size-check';
import { airflowByDrop, airflowByHeatRise, airflowByStatic } from '@/core/startup/airflow';
import { airflowCompared } from '@/core/startup/airflow-compared';
import { airCapacity, heatRiseCapacity, mixedAir } from '@/core/startup/capacity';
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
  makerChart,
  airflowByHeatRise,
  airflowByStatic,
  airflowByDrop,
  airflowCompared,
  moistAir,
  lineSetCharge,
  hoseCharge,
  totalCharge,
  toWeighIn,
  chargeStep,
  tonnageEstimate,
  systemAirflow,
  roundDuctFriction,
  roundDuctSize,
  equivalentDiameter,
  rectangularDuctSize,
  flexMultiplier,
  ductCapacity,
  trunkSections,
  frictionRate,
  returnArea,
  filterFace,
  zoneMinimum,
  zoneBypass,
  furnaceRise,
  faceThroughOpening,
  hatchPass,
  corridorCorner,
  crossoverBox,
  curbOverlap,
  transitionSlope,
  floodStand,
  snowStand,
  padSlope,
  condensate,
  furnaceCondensate,
  condensatePump,
  drainSlope,
  drainTrap,
  floatTrip,
  sizeCheck,
  balancePoint,
  cylinderFill,
  recoveryLevel,
  removalMethod,
  pumpDownRebound,
  recoveredShare,
  cylinderIdentity,
  chillIce,
  sectionVolume,
  brazeClearance,
  flareTorque,
  drierDrop,
  liquidMargin,
  lineInsulation,
  a2lRoom,
  co2Equivalent,
  pumpDownStorage,
  linePressureDrop,
  riserMinimum,
  heatingLine,
  standingPressure,
  innerVolume,
  outdoorSound,
  bracketLoad,
  panMargin,
  fittingLength,
  nitrogenHold,
  holdVerdict,
  nitrogenBudget,
  pullDown,
  standingTest,
  waterSaturation,
  roomChargeLimit,
  circuitSizing,
  conductorAmpacity,
  conductorSize,
  voltageDrop,
  equipmentGround,
  heatKit,
  imbalance,
  inrushReduction,
  generatorStart,
  capacitor,
  capacitorDischarge,
  transformerLoad,
  controlDrop,
  damperPosition,
  cableConductors,
  controlNetwork,
  ductLeakage,
  balanceNext,
  airCapacity,
  heatRiseCapacity,
  mixedAir,
  gasAirflow,
  meterClock,
  gasAltitude,
  coAirFree,
  gasPipeHold,
  stripHeat,
  heatingCapacityLine,
  diagnose,
  diagnoseTwo,
  criticalPath,
  transitionPattern,
  squareToRoundPattern,
  bendAllowance,
  panBlank,
  nest,
  hoodFall,
  gasPipe,
  nitrogenUse,
  durationFromJobs,
  finishChance,
  heatIndex,
  price,
  laterCost,
  binCost,
] as unknown as readonly AnyCalculation[];

export function findCalculation(id: string): AnyCalculation | undefined {
  return CATALOG.find((calculation) => calculation.spec.id === id);
}
