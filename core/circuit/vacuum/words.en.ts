export const en = {
  'vacuum.20-to-less-than': '20 to less than {startMicrons}',
  'vacuum.above': 'above {endsAtMicrons}',
  'vacuum.and-cores': ' and cores',
  'vacuum.between-1-000-and-4-600': 'Between 1,000 and 4,600 µm water freezes and gives off its vapor slowly.',
  'vacuum.blank-pump-off-above-100-m': 'Blank the pump off: above 100 µm change the oil.',
  'vacuum.blanked-off-pump-reaches': 'Blanked off, the pump reaches {microns}.',
  'vacuum.both-or-neither-for-ideal-connection': 'both, or neither for an ideal connection',
  'vacuum.break-with-dry-nitrogen-to-2':
    'Break with dry nitrogen to 2 psig, warm the cold spot, let it soak, pull again.',
  'vacuum.change-pump-oil-clean-and-check': 'Change the pump oil, clean and check the gauge, blank off again.',
  'vacuum.close-pump-off-with-gauge-on': 'Close the pump off with the gauge on it and read what it reaches.',
  'vacuum.common-practice': 'common practice',
  'vacuum.company-school-makers-tighter-figure-wins': 'company policy; the maker’s tighter figure wins',
  'vacuum.compressor-cannot-start': 'The compressor cannot start.',
  'vacuum.compressor-is-not-locked-out': 'The compressor is not locked out.',
  'vacuum.compressor-that-starts-or-is-insulation':
    'A compressor that starts or is insulation-tested in vacuum arcs inside.',
  'vacuum.core-lets-through-about-half-every': 'A core lets through about half: every minute of pumping becomes two.',
  'vacuum.decay-of-shallow-vacuum-says-little': 'The decay of a shallow vacuum says little.',
  'vacuum.gas-comes-in-as-fast-as': 'Gas comes in as fast as the pump takes it out.',
  'vacuum.gauge-and-pump-not-proven-by': 'Gauge and pump not proven by a blank-off.',
  'vacuum.gauge-never-moved-frozen-or-disconnected':
    'The gauge never moved: frozen or disconnected. Prove it by blank-off, test again.',
  'vacuum.gauge-sits': 'The gauge sits {gaugePlace}.',
  'vacuum.gauge-sits-on-system-far-from': 'The gauge sits on the system, far from the pump.',
  'vacuum.good-above-change-oil': '{common}: {good} good, above {worst} change the oil',
  'vacuum.hold-it-longer-or-sweep-with': 'Hold it longer, or sweep with nitrogen, pull and test again.',
  'vacuum.hose-needs-its-bore-and-its': 'A hose needs its bore and its length.',
  'vacuum.it-proves-gauge-pump-and-its': 'It proves the gauge, the pump and its oil before they judge the system.',
  'vacuum.it-rises-as-fast-from-5': 'It rises as fast from 5 to 10 min as before: air comes in.',
  'vacuum.it-rose-past-what-water-at': 'It rose past what water at this temperature can give: air comes in.',
  'vacuum.it-slows-down-but-does-not':
    'It slows down but does not hold: moisture, or a small leak. Read it every minute for 20 min, or sweep and test again.',
  'vacuum.it-stays-under-limit-and-hardly': 'It stays under the limit and hardly rises from 5 to 10 min.',
  'vacuum.leak': 'A leak',
  'vacuum.least-squares-on-rise-thresholds-common':
    'least squares on the rise; thresholds common practice and design defaults',
  'vacuum.levels-off-near': 'levels off near {plateauMicrons}',
  'vacuum.lock-outdoor-unit-out-before-pump': 'Lock the outdoor unit out before the pump starts.',
  'vacuum.m-min-at-end': '{leakMicronsPerMin} µm/min at the end',
  'vacuum.moisture-or-outgassing': 'Moisture or outgassing',
  'vacuum.move-gauge-to-far-side-of': 'Move the gauge to the far side of the system, on a valved core tool.',
  'vacuum.near-pump-it-reads-pump-and': 'Near the pump it reads the pump and the hose, not the system.',
  'vacuum.no-reading-at-min-test-read':
    'No reading at {missing} min: a test read by hand needs {typedStandingMin} min.',
  'vacuum.no-standing-test-yet': 'No standing test yet.',
  'vacuum.nothing-certain': 'Nothing certain',
  'vacuum.of-nitrogen-sweeps-done': '{count} of {sweepsWanted} nitrogen sweeps done.',
  'vacuum.oil-and-residues-hold-water-that': 'Oil and residues hold water that a nitrogen sweep carries out.',
  'vacuum.only-vacuum-that-holds-by-itself': 'Only a vacuum that holds by itself shows a tight, dry system.',
  'vacuum.pipes-at-may-hide-ice-warm':
    'Pipes at {coldestPipeF} may hide ice: warm them or sweep with nitrogen, then test again.',
  'vacuum.pull-on-to-and-test-again': 'Pull on to {targetMicrons} and test again.',
  'vacuum.pump-holds-still-near-hoses-or':
    'The pump stalls near {endsAtMicrons}: the hoses or the gas load let it go no further.',
  'vacuum.single-pull-on-circuit-with': 'A single pull on a circuit with {wetReasons}.',
  'vacuum.sweep-to-little-nitrogen-pressure-bubble':
    'Sweep to a little nitrogen pressure, soap-test every joint and core tool, repair it, pull and test again.',
  'vacuum.sweep-twice-with-dry-nitrogen-between': 'Sweep twice with dry nitrogen between pulls.',
  'vacuum.sweep-with-dry-nitrogen-warm-low':
    'Sweep with dry nitrogen, warm the low places, change the pump oil, pull and test again.',
  'vacuum.take-both-cores-out-with-removal': 'Take both cores out with a removal tool.',
  'vacuum.take-cores-out-use-short-wide': 'Take the cores out, use a short wide hose on each side.',
  'vacuum.target-must-lie-below-start': 'The target must lie below the start.',
  'vacuum.test-began-at-is-asked-for': 'The test began at {startMicrons}; {targetMicrons} is asked for.',
  'vacuum.through-these-hoses-only-of-reach':
    'Through these hoses{coresIn} only {speed} of {pumpCfm} reach the system.',
  'vacuum.tight': 'Tight',
  'vacuum.triple-evacuation-breaks-vacuum-twice-with': 'A triple evacuation breaks the vacuum twice with dry nitrogen.',
  'vacuum.valve-cores-are-still-in': 'The valve cores are still in.',
  'vacuum.valve-pump-off-and-watch-rise':
    'Valve the pump off and watch the rise: a straight rise is a leak, one that levels off is moisture.',
  'vacuum.warm-low-places-sweep-with-dry':
    'Warm the low places, sweep with dry nitrogen, change the pump oil; liquid water cannot be hurried.',
  'vacuum.water-boils-at-where-pipes-are':
    'Water boils at {water} where the pipes are {coldestPipeF}: that is where it stalls.',
  'vacuum.wet-oil-gives-its-own-vapour': 'Wet oil gives its own vapor back.',
  'vacuum.standing-found': '{word}: {figures}.',
  'vacuum.microns-at-end': '{endMicrons} at the end',
  'vacuum.minutes-run-backwards': 'Minutes run backwards.',
  'vacuum.minutes-in-order': 'minutes in order',
  'vacuum.only-at-least-are-asked-for': 'Only {end}: at least {leastMin} are asked for.',
  'vacuum.gauge-was-silent-for-what-happened': 'The gauge was silent for {silence}: what happened then is not known.',
  'vacuum.gauge-wanders-clean-it-prove-it': 'The gauge wanders: clean it, prove it by blank-off, test again.',
  'vacuum.it-stays-under-limit-and-hardly-2': 'It stays under the limit and hardly rises.',
  'vacuum.it-rises-as-fast-at-end': 'It rises as fast at the end as at the start: air comes in.',
  'vacuum.it-slows-down-towards-level-below':
    'It slows down towards a level below the boiling point of water here: moisture or outgassing.',
  'vacuum.neither-steady-rise-nor-clear-level':
    'Neither a steady rise nor a clear level: hold it longer, sweep with nitrogen, test again.',
} as const;
