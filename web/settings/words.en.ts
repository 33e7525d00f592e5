export const en = {
  'web.price-list': 'Prices and hours',
  'web.save-as-csv': 'Save as CSV',
  'web.read-csv': 'Read a CSV',
  'web.placeholders-until-you-put-yours':
    'Placeholders until you put in your own; equipment is not in them. In {currency}; nothing is converted. What a customer signed keeps its prices.',
  'web.figures-taken-from': '{count} figures taken from {name}.',
  'web.row-not-taken': 'Row {row}: {field} not taken. Allowed: {allowed}.',
  'web.work': 'Work',
  'web.hours': 'Hours',
  'web.materials-in': 'Materials, {currency}',
  'web.cap-warming-potential': 'Cap, warming potential',
  'web.checked-on': 'Checked on',
  'web.default': 'Default: {sign}{standard} {unit}. {reason}',
  'web.default-2': 'Default: {x}. {reason}',
  'web.good-practitioners-differ-in-these-what':
    'Good technicians differ in these. What is picked here is named in each finding and item that uses it. The maker’s instructions and local code come before any company policy.{mayEdit}',
  'web.holds-from': 'Holds from',
  'web.in-general-terms-and-from-memory':
    'In general terms, edition not checked: look the current rule up, enter it here, and say on which day it was checked. The charge of each job is held against what stands here.',
  'web.none-written': 'none written',
  'web.not-checked': 'not checked',
  'web.number-is-needed': 'A number is needed.',
  'web.outside-allowed-range-allowed-to': 'Outside the allowed range. Allowed: {low} to {high} {unit}.',
  'web.owner-or-office-changes-them': ' The owner or the office changes them.',
  'web.rule': 'Rule',
  'web.rules-of-refrigerant-transition': 'Rules of the refrigerant transition',
} as const;
