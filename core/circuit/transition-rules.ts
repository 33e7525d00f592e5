/**
 * Rules of the refrigerant transition in general terms, as dated data: what a company reads before it sells or installs.
 * All from memory; each is to be checked against the current rule before it is relied on.
 */
export type TransitionRule = { id: string; rule: string; from: string; source: string; verifiedOn: string | null };

/** Cap on the warming potential of refrigerant in new comfort systems (AIM Act technology transitions, from memory). */
export const NEW_SYSTEM_GWP_CAP = 700;

export const TRANSITION_RULES: readonly TransitionRule[] = [
  {
    id: 'gwp-cap',
    rule: `New comfort cooling systems use refrigerant of a GWP of ${NEW_SYSTEM_GWP_CAP} or less; parts for existing systems are exempt in general terms.`,
    from: '2025-01-01',
    source: 'AIM Act technology transitions, 40 CFR 84 subpart B, from memory',
    verifiedOn: null,
  },
  {
    id: 'no-drop-in',
    rule: 'No A2L refrigerant in equipment listed for A1; the refrigerant equals the nameplate.',
    from: '',
    source: 'product listings and local mechanical code, from memory',
    verifiedOn: null,
  },
  {
    id: 'no-vent',
    rule: 'Refrigerant is never vented; it is recovered to its level by certified people with certified machines.',
    from: '1995-07-01',
    source: 'Clean Air Act 608, 40 CFR 82 subpart F, from memory',
    verifiedOn: null,
  },
  {
    id: 'records',
    rule: 'Records of recovered refrigerant and of what is sent to reclaim or destruction are kept three years.',
    from: '2019-01-01',
    source: '40 CFR 82.156, from memory',
    verifiedOn: null,
  },
];
