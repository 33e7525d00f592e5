import type { FaultName } from '@/core/plant/unit/faults';
import type { Said } from '@/core/words/said';
import type { Feature } from './features';
import type { FollowUpId } from './follow-ups';
import type { Reasoning } from './reason';
import { tell } from './words';

/** Each fault as a noun. */
export const FAULT_WORDS: Record<FaultName, Said> = {
  healthy: tell('diagnosis.healthy'),
  undercharge: tell('diagnosis.undercharge'),
  overcharge: tell('diagnosis.overcharge'),
  'low-indoor-airflow': tell('diagnosis.low-indoor-airflow'),
  'outdoor-coil-blocked': tell('diagnosis.outdoor-coil-blocked'),
  'liquid-restriction': tell('diagnosis.liquid-restriction'),
  'valve-starving': tell('diagnosis.valve-starving'),
  'valve-flooding': tell('diagnosis.valve-flooding'),
  'non-condensables': tell('diagnosis.non-condensables'),
  'weak-compressor': tell('diagnosis.weak-compressor'),
  'reversing-valve-leak': tell('diagnosis.reversing-valve-leak'),
  'orifice-too-large': tell('diagnosis.orifice-too-large'),
  'orifice-too-small': tell('diagnosis.orifice-too-small'),
  'probe-doubt': tell('diagnosis.probe-doubt'),
};

/** What to do for each follow-up. */
export const FOLLOW_UP_WORDS: Record<FollowUpId, Said> = {
  'second-look': tell('diagnosis.second-look'),
  'drier-drop': tell('diagnosis.drier-drop'),
  'compressor-inlet': tell('diagnosis.compressor-inlet'),
  airflow: tell('diagnosis.airflow'),
  'pump-test': tell('diagnosis.pump-test'),
  'valve-bulb': tell('diagnosis.valve-bulb'),
  'orifice-stamp': tell('diagnosis.orifice-stamp'),
  'off-pressure': tell('diagnosis.off-pressure'),
  'weigh-charge': tell('diagnosis.weigh-charge'),
};

export const FEATURE_WORDS: Record<Feature, { label: Said; unit: string }> = {
  subcoolingF: { label: tell('diagnosis.feature-subcooling-f'), unit: '°F' },
  superheatF: { label: tell('diagnosis.feature-superheat-f'), unit: '°F' },
  condensingOverF: { label: tell('diagnosis.feature-condensing-over-f'), unit: '°F' },
  evaporatingF: { label: tell('diagnosis.feature-evaporating-f'), unit: '°F' },
  splitF: { label: tell('diagnosis.feature-split-f'), unit: '°F' },
  loadPct: { label: tell('diagnosis.feature-load-pct'), unit: '%' },
  pumpedPct: { label: tell('diagnosis.feature-pumped-pct'), unit: '%' },
  wetBulbDepressionF: { label: tell('diagnosis.feature-wet-bulb-depression-f'), unit: '°F' },
  dischargeF: { label: tell('diagnosis.feature-discharge-f'), unit: '°F' },
  airflowPct: { label: tell('diagnosis.feature-airflow-pct'), unit: '%' },
};

/** The verdict in a line. */
export function verdictWords({ verdict, ranked }: Pick<Reasoning, 'verdict' | 'ranked'>): Said {
  switch (verdict) {
    case 'healthy':
      return tell('diagnosis.healthy-title');
    case 'named':
      return tell('diagnosis.named', { fault: FAULT_WORDS[ranked[0]!.fault] });
    case 'readings-contradict':
      return tell('diagnosis.readings-contradict');
    default:
      return tell('diagnosis.cannot-tell');
  }
}
