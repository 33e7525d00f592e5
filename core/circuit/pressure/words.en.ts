export const en = {
  'pressure.common-practice': 'common practice',
  'pressure.low-side-not-known-never-more': 'low side not known: never more than this',
  'pressure.low-side-plate': 'low-side plate',
  'pressure.gauge-hoses-and-valves': 'gauge, hoses and valves',
  'pressure.high-side-plate': 'high-side plate',
  'pressure.company-school': 'company policy',
  'pressure.expansion-valve-lets-pressure-through': 'The expansion valve lets pressure through.',
  'pressure.nobody-said-that-expansion-valve-is': 'The expansion valve is not logged as open.',
  'pressure.shut-electronic-valve-keeps-half-circuit':
    'A shut electronic valve keeps half the circuit out of the test.',
  'pressure.drive-it-open-or-use-service': 'Drive it open or use the service magnet; log it under Line set.',
  'pressure.is-above-what-may-be-put': '{targetPsig} is above the pressure allowed: {psig} by {by}.',
  'pressure.reduced-pressure-test-at': 'Reduced pressure test at {targetPsig}: {reducedBecause}.',
  'pressure.tested-at-allowed-by': 'Tested at {targetPsig}, {psig} allowed by {by}.',
  'pressure.weakest-part-of-section-sets-pressure':
    'The weakest part of the section sets the pressure; a lower one finds less.',
  'pressure.plate-code-tests-may-state-pressure': 'plate; code tests may state pressure and time',
  'pressure.bubbles-at': 'Bubbles at {value}.',
  'pressure.no-joint-is-logged-to-bubble': 'No joint is logged to soap-test.',
  'pressure.of-joints-not-bubbled-yet': '{count} of {count2} joints not soap-tested yet.',
  'pressure.no-bubbles-at-any-of-joints': 'No bubbles at any of {count} joints.',
  'pressure.hold-of-half-hour-cannot-see': 'A hold of half an hour cannot see what a soap test shows.',
  'pressure.iec-60335-2-40-asks-for':
    'IEC 60335-2-40 asks for 5 g a year or better at indoor field joints, edition not checked',
  'pressure.release-nitrogen-make-joint-again-test': 'Release the nitrogen, make the joint again, test again.',
  'pressure.measured-pressure-is-held-against-what':
    'Measured pressure is held against what the temperature alone explains, real gas.',
  'pressure.virial-equation-of-nitrogen-propagation-of': 'virial equation of nitrogen; propagation of uncertainty',
  'pressure.hold-runs': 'The hold is running.',
  'pressure.no-hold-on-record': 'No hold on record.',
  'pressure.from-expected': '{deltaPsi}{deltaPsi2} ± {uncertaintyPsi} from expected',
  'pressure.hold-runs-after-of': 'The hold is running. After {held} of {holdMin}: {figures}.',
  'pressure.leaks-after': 'It leaks: {figures} after {minutes}.',
  'pressure.bubble-every-joint-find-it-release': 'Soap-test every joint, find it, release, repair, test again.',
  'pressure.reads-too-high': 'Reads too high: {figures}.',
  'pressure.shade-thermometer-shut-cylinder-look-for':
    'Shade the thermometer, shut the cylinder, look for refrigerant left in the pipes; hold again.',
  'pressure.held-at-not-at-planned': 'Held at {psig}, not at the planned {targetPsig}.',
  'pressure.bring-it-up-to-planned-pressure':
    'Bring it up to the planned pressure and hold again, or plan a reduced test with its reason.',
  'pressure.no-leak-seen-but-held-only': 'No leak seen, but held only {minutes} of {holdMin}.',
  'pressure.hold-it': 'Hold it {holdMin}.',
  'pressure.no-leak-detected-after-smallest-it':
    'No leak detected: {figures} after {minutes}; the smallest it could have seen is {smallestLeakScfh}.',
} as const;
