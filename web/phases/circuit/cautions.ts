import type { EntryKind } from '@/core/circuit/log/entry-bodies';

/** The caution that belongs to a step, shown where the hazard is met. */
export const CAUTIONS: Partial<Record<EntryKind, string>> = {
  'removal-facts':
    'A pump-down is run by the thermostat’s call with the disconnect as stop. Never push a contactor in by hand: it is live, and a heat pump may run in heating.',
  'pump-down':
    'Liquid valve first, vapour valve last; never trap liquid between closed valves. A2L never below 0 psig with the compressor running.',
  'dead-proof': 'Only qualified people test. Discharge capacitors, lock and tag, wear what the voltage asks for.',
  recovered: 'Gloves and eye protection. Never above the cylinder’s limit, never mix, never vent.',
  level: 'Wait with the machine off: liquid in oil boils out and the pressure comes back.',
  joint:
    'No flame on a charged circuit. Nitrogen through a regulator and relief; heat shield; extinguisher at hand; ventilate. Light acetylene with a friction striker only.',
  'fire-watch': 'Look behind walls and above ceilings where the flame was near.',
  'test-plan':
    'Dry nitrogen only, through a regulator with a relief: oxygen or compressed air with oil explodes. Outdoor service valves stay shut on a factory charge.',
  'hold-start': 'Stand aside of caps and valves under pressure. Shut the nitrogen cylinder before the hold.',
  released: 'Open slowly, outdoors: nitrogen displaces air.',
  'pump-setup':
    'Never start or insulation-test a compressor in vacuum. Pump and fittings suited to A2L where it is one.',
  'vacuum-broken': 'Only with the refrigerant of this system. Close the vacuum gauge off before pressure reaches it.',
  'cylinder-used': 'Read the cylinder’s label against the plate. A blend leaves as liquid only.',
  room: 'The maker’s table wins. Ventilate, no flame or spark, detector on.',
};
