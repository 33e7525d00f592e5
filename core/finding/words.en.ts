export const en = {
  'finding.good': 'Good',
  'finding.is-missing': '{field} is missing.',
  'finding.is-not-field-of-this-calculation': '{field} is not a field of this calculation.',
  'finding.look-again': 'Look again',
  'finding.needs': 'needs {expected}.',
  'finding.not-one-of-allowed-values': 'not one of the allowed values.',
  'finding.not-proven': 'Not proven',
  'finding.outside-allowed-range': 'outside the allowed range.',
  'finding.stop': 'Stop',
  'finding.of-field': '{field}: {problem}',
} as const;
