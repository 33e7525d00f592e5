/** What a channel can be at all, in its own unit; the judgement looks closer (design default). */
const RANGES: Readonly<Record<string, readonly [number, number, string]>> = {
  microns: [1, 800_000, 'µm'],
  pipeF: [-60, 200, '°F'],
  testPsig: [-15, 1000, 'psig'],
  nitrogenPsig: [0, 3500, 'psig'],
  suctionPsig: [-15, 600, 'psig'],
  liquidPsig: [-15, 800, 'psig'],
  cylinderPsig: [-15, 800, 'psig'],
  cylinderF: [-40, 180, '°F'],
  scaleOz: [-100, 40_000, 'oz'],
};
const ANY: readonly [number, number, string] = [-1000, 100_000, ''];

export const rangeOf = (channel: string): readonly [number, number, string] => RANGES[channel] ?? ANY;
