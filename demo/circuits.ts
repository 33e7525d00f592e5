import type { Plate } from '@/core/equipment/plate';

/** An invented job somewhere between the old unit and the charge; its readings come from simulated benches. */
export type DemoCircuit = {
  number: number;
  customer: string;
  phone: string;
  address: string;
  town: string;
  elevationFt: number;
  system: string;
  lead: 'tess' | 'jory';
  day: number;
  plate: Plate;
  reach: 'recovering' | 'holding' | 'wet' | 'standing' | 'ready';
  old: { refrigerant: string; factoryOz: number; lineLengthFt: number };
  kept: boolean;
};

export const circuitPlate = (
  change: Partial<Plate> & Pick<Plate, 'maker' | 'model' | 'nominalTons' | 'factoryChargeOz'>,
): Plate => ({
  serial: null,
  refrigerant: 'R-454B',
  metering: 'txv',
  heatPump: true,
  inverter: false,
  plateVolts: '208/230',
  compressorRlaA: Math.round(change.nominalTons * 4.7 * 10) / 10,
  outdoorFanFlaA: 1.2,
  includedLineFt: 15,
  unitState: 'factory-held',
  liquidLineOdIn: 0.375,
  vaporLineOdIn: 0.75,
  lineLengthFt: 42,
  makerOzPerFt: null,
  drierOz: 0,
  coilOz: 4,
  targetSubcoolingF: 10,
  targetSource: 'plate',
  ...change,
});

export const DEMO_CIRCUITS: readonly DemoCircuit[] = [
  {
    number: 2152,
    customer: 'Corin Ashby',
    phone: '555-0121',
    address: '33 Kiln Street',
    town: 'Harrow Mill',
    elevationFt: 1195,
    system: 'Downstairs system',
    lead: 'tess',
    day: 0,
    plate: circuitPlate({
      maker: 'Ostrel',
      model: 'OHP-36T',
      serial: 'K7-20511',
      nominalTons: 3,
      factoryChargeOz: 118,
    }),
    reach: 'recovering',
    old: { refrigerant: 'R-410A', factoryOz: 122, lineLengthFt: 42 },
    kept: false,
  },
  {
    number: 2153,
    customer: 'Dunning Reading Room',
    phone: '555-0155',
    address: '2 Almond Square',
    town: 'Upper Dunning',
    elevationFt: 3020,
    system: 'Main hall',
    lead: 'jory',
    day: 0,
    plate: circuitPlate({
      maker: 'Kelmar Works',
      model: 'KS-42',
      serial: '88-31150',
      nominalTons: 3.5,
      factoryChargeOz: 132,
      vaporLineOdIn: 0.875,
      lineLengthFt: 54,
    }),
    reach: 'holding',
    old: { refrigerant: 'R-410A', factoryOz: 148, lineLengthFt: 54 },
    kept: false,
  },
  {
    number: 2154,
    customer: 'Mirela Stoke',
    phone: '555-0129',
    address: '11 Lower Quay',
    town: 'Cobble Reach',
    elevationFt: 590,
    system: 'Whole house',
    lead: 'tess',
    day: 0,
    plate: circuitPlate({
      maker: 'Ostrel',
      model: 'OHP-36T',
      serial: 'K7-20544',
      nominalTons: 3,
      factoryChargeOz: 118,
    }),
    reach: 'wet',
    old: { refrigerant: 'R-22', factoryOz: 104, lineLengthFt: 38 },
    kept: true,
  },
  {
    number: 2155,
    customer: 'Pell Orchard House',
    phone: '555-0186',
    address: '60 Orchard Way',
    town: 'Little Senn',
    elevationFt: 2260,
    system: 'East wing',
    lead: 'jory',
    day: 0,
    plate: circuitPlate({
      maker: 'Vantry',
      model: 'V30-HP',
      serial: 'VT-56240',
      nominalTons: 2.5,
      factoryChargeOz: 98,
      lineLengthFt: 36,
    }),
    reach: 'standing',
    old: { refrigerant: 'R-410A', factoryOz: 102, lineLengthFt: 36 },
    kept: false,
  },
  {
    number: 2156,
    customer: 'Sluice Cottage',
    phone: '555-0108',
    address: '4 Sluice Lane',
    town: 'Harrow Mill',
    elevationFt: 1175,
    system: 'Whole house',
    lead: 'tess',
    day: 0,
    plate: circuitPlate({
      maker: 'Ostrel',
      model: 'OHP-36T',
      serial: 'K7-20590',
      nominalTons: 3,
      factoryChargeOz: 118,
      vaporLineOdIn: 0.875,
      lineLengthFt: 58,
    }),
    reach: 'ready',
    old: { refrigerant: 'R-410A', factoryOz: 120, lineLengthFt: 58 },
    kept: false,
  },
];

/** Joints of a demo line set, in the order they were made. */
export const DEMO_JOINTS: readonly { place: string; line: 'liquid' | 'vapour' }[] = [
  { place: 'unit, liquid valve', line: 'liquid' },
  { place: 'unit, vapor valve', line: 'vapour' },
  { place: 'drier in', line: 'liquid' },
  { place: 'drier out', line: 'liquid' },
  { place: 'coil, liquid', line: 'liquid' },
  { place: 'coil, vapor', line: 'vapour' },
];
