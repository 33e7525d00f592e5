export const en = {
  'vacuum.20-to-less-than': '20 to less than {startMicrons}',
  'vacuum.above': 'above {endsAtMicrons}',
  'vacuum.and-cores': ' and cores',
  'vacuum.between-1-000-and-4-600': 'Between 1,000 and 4,600 µm water freezes and gives off its vapor slowly.',
  'vacuum.blank-pump-off-above-100-m': 'Blank the pump off: above 100 µm change the oil.',
  'vacuum.both-or-neither-for-ideal-connection': 'both, or neither for an ideal connection',
  'vacuum.break-with-dry-nitrogen-to-2':
    'Break with dry nitrogen to 2 psig, warm the cold spot, let it soak, pull again.',
  'vacuum.gas-comes-in-as-fast-as': 'Gas comes in as fast as the pump takes it out.',
  'vacuum.gauge-never-moved-frozen-or-disconnected':
    'The gauge never moved: frozen or disconnected. Prove it by blank-off, test again.',
  'vacuum.hose-needs-its-bore-and-its': 'A hose needs its bore and its length.',
  'vacuum.it-rises-as-fast-from-5': 'It rises as fast from 5 to 10 min as before: air comes in.',
  'vacuum.it-rose-past-what-water-at': 'It rose past what water at this temperature can give: air comes in.',
  'vacuum.it-slows-down-but-does-not':
    'It slows down but does not hold: moisture, or a small leak. Read it every minute for 20 min, or sweep and test again.',
  'vacuum.it-stays-under-limit-and-hardly': 'It stays under the limit and hardly rises from 5 to 10 min.',
  'vacuum.no-reading-at-min-test-read':
    'No reading at {missing} min: a test read by hand needs {typedStandingMin} min.',
  'vacuum.pipes-at-may-hide-ice-warm':
    'Pipes at {coldestPipeF} may hide ice: warm them or sweep with nitrogen, then test again.',
  'vacuum.pump-holds-still-near-hoses-or':
    'The pump stalls near {endsAtMicrons}: the hoses or the gas load let it go no further.',
  'vacuum.take-cores-out-use-short-wide': 'Take the cores out, use a short wide hose on each side.',
  'vacuum.target-must-lie-below-start': 'The target must lie below the start.',
  'vacuum.through-these-hoses-only-of-reach':
    'Through these hoses{coresIn} only {speed} of {pumpCfm} reach the system.',
  'vacuum.valve-pump-off-and-watch-rise':
    'Valve the pump off and watch the rise: a straight rise is a leak, one that levels off is moisture.',
  'vacuum.warm-low-places-sweep-with-dry':
    'Warm the low places, sweep with dry nitrogen, change the pump oil; liquid water cannot be hurried.',
  'vacuum.water-boils-at-where-pipes-are':
    'Water boils at {water} where the pipes are {coldestPipeF}: that is where it stalls.',
  'vacuum.wet-oil-gives-its-own-vapour': 'Wet oil gives its own vapor back.',
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
