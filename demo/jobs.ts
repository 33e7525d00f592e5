import type { Plate } from '@/core/equipment/plate';
import type { Language } from '@/core/words/render';

/** How far the demo plays each job; every reading in them comes from the simulated system. */
export type DemoStory =
  | { kind: 'new' }
  | { kind: 'vacuum'; endMicrons: number; heldMin: number }
  | { kind: 'charged' }
  /** Weighed in by a build-up that misses this many ounces of what the system really needs. */
  | { kind: 'starting'; missingOz: number; minutes: number; airflowProven: boolean }
  | { kind: 'finished'; missingOz: number; overrideVacuum?: string };

export type DemoJob = {
  number: number;
  customer: string;
  /** What the customer reads; English where nothing is said. */
  language?: Language;
  phone: string;
  address: string;
  town: string;
  elevationFt: number;
  system: string;
  lead: 'tess' | 'jory';
  /** Days from today. */
  day: number;
  plate: Plate;
  story: DemoStory;
};

function plate(
  change: Partial<Plate> & Pick<Plate, 'maker' | 'model' | 'nominalTons' | 'factoryChargeOz' | 'lineLengthFt'>,
): Plate {
  const tons = change.nominalTons;
  return {
    serial: null,
    refrigerant: 'R-454B',
    metering: 'txv',
    heatPump: true,
    inverter: false,
    plateVolts: '208/230',
    compressorRlaA: Math.round(tons * 4.7 * 10) / 10,
    outdoorFanFlaA: tons > 3.5 ? 1.6 : 1.2,
    includedLineFt: 15,
    unitState: 'factory-held',
    liquidLineOdIn: 0.375,
    vaporLineOdIn: tons > 3 ? 0.875 : 0.75,
    makerOzPerFt: null,
    drierOz: 0,
    coilOz: 0,
    targetSubcoolingF: 10,
    targetSource: 'plate',
    ...change,
  };
}

export const DEMO_JOBS: readonly DemoJob[] = [
  {
    number: 2147,
    customer: 'Hollis residence',
    phone: '555-0117',
    address: '18 Tanner Row',
    town: 'Harrow Mill',
    elevationFt: 1180,
    system: 'Upstairs system',
    lead: 'tess',
    day: 0,
    plate: plate({
      maker: 'Ostrel',
      model: 'OHP-36T',
      serial: 'K7-20418',
      nominalTons: 3,
      factoryChargeOz: 118,
      lineLengthFt: 48,
      vaporLineOdIn: 0.875,
      coilOz: 6,
    }),
    story: { kind: 'vacuum', endMicrons: 312, heldMin: 12 },
  },
  {
    number: 2146,
    customer: 'Farrow Street Bakery',
    phone: '555-0142',
    address: '4 Farrow Street',
    town: 'Cobble Reach',
    elevationFt: 640,
    system: 'Shop front',
    lead: 'jory',
    day: 0,
    plate: plate({
      maker: 'Kelmar Works',
      model: 'KS-42',
      serial: '88-31077',
      nominalTons: 3.5,
      factoryChargeOz: 132,
      lineLengthFt: 40,
    }),
    story: { kind: 'starting', missingOz: 14, minutes: 24, airflowProven: true },
  },
  {
    number: 2145,
    customer: 'Ines Marrow',
    phone: '555-0163',
    address: '71 Quince Lane',
    town: 'Little Senn',
    elevationFt: 2310,
    system: 'Whole house',
    lead: 'tess',
    day: -1,
    plate: plate({
      maker: 'Vantry',
      model: 'V30-HP',
      serial: 'VT-55902',
      nominalTons: 2.5,
      factoryChargeOz: 96,
      lineLengthFt: 32,
      refrigerant: 'R-410A',
      makerOzPerFt: 0.6,
    }),
    story: { kind: 'finished', missingOz: 0 },
  },
  {
    number: 2144,
    customer: 'Dunning Road Chapel',
    phone: '555-0128',
    address: '220 Dunning Road',
    town: 'Upper Dunning',
    elevationFt: 3050,
    system: 'Hall, east side',
    lead: 'jory',
    day: 0,
    plate: plate({
      maker: 'Ostrel',
      model: 'OHP-60T',
      serial: 'K7-20977',
      nominalTons: 5,
      factoryChargeOz: 186,
      lineLengthFt: 55,
      coilOz: 8,
    }),
    story: { kind: 'new' },
  },
  {
    number: 2143,
    customer: 'Brandt and Lowe, dentists',
    phone: '555-0190',
    address: '9 Mill Court',
    town: 'Harrow Mill',
    elevationFt: 1165,
    system: 'Surgery wing',
    lead: 'tess',
    day: 0,
    plate: plate({
      maker: 'Kelmar Works',
      model: 'KS-48',
      serial: '88-31120',
      nominalTons: 4,
      factoryChargeOz: 151,
      lineLengthFt: 28,
    }),
    story: { kind: 'vacuum', endMicrons: 940, heldMin: 10 },
  },
  {
    number: 2142,
    customer: 'Ruben Castellane',
    language: 'es',
    phone: '555-0155',
    address: '33 Orchard Steps',
    town: 'Cobble Reach',
    elevationFt: 610,
    system: 'Ground floor',
    lead: 'jory',
    day: 0,
    plate: plate({
      maker: 'Vantry',
      model: 'V36-AC',
      serial: 'VT-56011',
      nominalTons: 3,
      factoryChargeOz: 104,
      lineLengthFt: 25,
      refrigerant: 'R-410A',
      metering: 'fixed-orifice',
      heatPump: false,
      targetSubcoolingF: null,
    }),
    story: { kind: 'starting', missingOz: 12, minutes: 22, airflowProven: true },
  },
  {
    number: 2141,
    customer: 'The Weir House',
    phone: '555-0109',
    address: '1 Weir Approach',
    town: 'Little Senn',
    elevationFt: 2280,
    system: 'Guest rooms',
    lead: 'tess',
    day: 1,
    plate: plate({
      maker: 'Ostrel',
      model: 'OHP-48T',
      serial: 'K7-21003',
      nominalTons: 4,
      factoryChargeOz: 149,
      lineLengthFt: null,
    }),
    story: { kind: 'vacuum', endMicrons: 281, heldMin: 15 },
  },
  {
    number: 2140,
    customer: 'Amara Fenwold',
    phone: '555-0171',
    address: '52 Cooper’s Rise',
    town: 'Harrow Mill',
    elevationFt: 1210,
    system: 'Attic system',
    lead: 'jory',
    day: 1,
    plate: plate({
      maker: 'Kelmar Works',
      model: 'KS-24',
      serial: '88-30844',
      nominalTons: 2,
      factoryChargeOz: 82,
      lineLengthFt: 36,
    }),
    story: { kind: 'charged' },
  },
  {
    number: 2139,
    customer: 'Senn Valley School',
    phone: '555-0134',
    address: '400 Valley Road',
    town: 'Little Senn',
    elevationFt: 2400,
    system: 'Library',
    lead: 'tess',
    day: -2,
    plate: plate({
      maker: 'Vantry',
      model: 'V60-HP',
      serial: 'VT-55870',
      nominalTons: 5,
      factoryChargeOz: 190,
      lineLengthFt: 62,
      refrigerant: 'R-410A',
      makerOzPerFt: 0.62,
    }),
    story: { kind: 'finished', missingOz: 10 },
  },
  {
    number: 2138,
    customer: 'Pardee and Son, joiners',
    phone: '555-0188',
    address: '17 Sawpit Yard',
    town: 'Upper Dunning',
    elevationFt: 2990,
    system: 'Office',
    lead: 'jory',
    day: -3,
    plate: plate({
      maker: 'Ostrel',
      model: 'OHP-30T',
      serial: 'K7-19886',
      nominalTons: 2.5,
      factoryChargeOz: 99,
      lineLengthFt: 22,
    }),
    story: {
      kind: 'finished',
      missingOz: 0,
      overrideVacuum: 'Gauge battery died at 8 min; 290 µm and flat when it went. Line is new and pressure-tested.',
    },
  },
  {
    number: 2137,
    customer: 'Lucan Tebb',
    phone: '555-0102',
    address: '8 Ferry Bank',
    town: 'Cobble Reach',
    elevationFt: 580,
    system: 'Whole house',
    lead: 'tess',
    day: 2,
    plate: plate({
      maker: 'Kelmar Works',
      model: 'KS-36-32',
      serial: '88-40012',
      nominalTons: 3,
      factoryChargeOz: 88,
      lineLengthFt: 30,
      refrigerant: 'R-32',
    }),
    story: { kind: 'vacuum', endMicrons: 344, heldMin: 10 },
  },
  {
    number: 2136,
    customer: 'Old Toll House',
    phone: '555-0147',
    address: '90 Toll Lane',
    town: 'Harrow Mill',
    elevationFt: 1330,
    system: 'Tea room',
    lead: 'jory',
    day: 3,
    plate: plate({
      maker: 'Vantry',
      model: 'V42-HP',
      serial: 'VT-56102',
      nominalTons: 3.5,
      factoryChargeOz: 140,
      lineLengthFt: 44,
      refrigerant: 'R-410A',
    }),
    story: { kind: 'new' },
  },
];
