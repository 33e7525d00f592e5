/** The refrigerants this product knows, with the facts that the work needs beside their equations. */
export const REFRIGERANTS = ['R-410A', 'R-32', 'R-454B', 'R-22', 'R-407C', 'R-134a'] as const;
export type Refrigerant = (typeof REFRIGERANTS)[number];

export type RefrigerantFacts = {
  /** ASHRAE Standard 34 safety group, from memory. */
  safetyGroup: 'A1' | 'A2L';
  /** A blend must leave its cylinder as liquid so that its make-up does not change. */
  blend: boolean;
  /** Global warming potential over 100 years (IPCC AR4, from memory). */
  gwp: number;
  equationSource: string;
};

export const REFRIGERANT_FACTS: Record<Refrigerant, RefrigerantFacts> = {
  'R-410A': {
    safetyGroup: 'A1',
    blend: true,
    gwp: 2088,
    equationSource: 'Lemmon, Int. J. Thermophysics 24 (2003) 991',
  },
  'R-32': {
    safetyGroup: 'A2L',
    blend: false,
    gwp: 675,
    equationSource: 'Tillner-Roth & Yokozeki, J. Phys. Chem. Ref. Data 26 (1997) 1273',
  },
  'R-454B': {
    safetyGroup: 'A2L',
    blend: true,
    gwp: 466,
    equationSource: 'fits to CoolProp 8.0.0 (Bell et al., Ind. Eng. Chem. Res. 53 (2014) 2498)',
  },
  'R-22': {
    safetyGroup: 'A1',
    blend: false,
    gwp: 1810,
    equationSource: 'Kamei, Beyerlein & Jacobsen, Int. J. Thermophysics 16 (1995) 1155',
  },
  'R-407C': {
    safetyGroup: 'A1',
    blend: true,
    gwp: 1774,
    equationSource: 'Lemmon, Int. J. Thermophysics 24 (2003) 991',
  },
  'R-134a': {
    safetyGroup: 'A1',
    blend: false,
    gwp: 1430,
    equationSource: 'Tillner-Roth & Baehr, J. Phys. Chem. Ref. Data 23 (1994) 657',
  },
};
