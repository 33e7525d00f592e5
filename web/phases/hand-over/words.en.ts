export const en = {
  'web.add-amendment': 'Add an amendment',
  'web.add-it': 'Add it',
  'web.after-run': 'After the run',
  'web.end-visit': 'End visit {n}',
  'web.gas-and-combustion-are-licensed-work':
    'Gas and combustion are licensed work. Smell of gas, or CO in the room: out, ventilate, call. The maker’s instructions and local code come first.',
  'web.no-certificate': 'no certificate',
  'web.notes': 'Notes',
  'web.nothing-signed-yet': 'Nothing signed yet.',
  'web.permits': 'Permits and inspections',
  'web.plan-a-visit': 'Plan a visit',
  'web.record-readings': 'Record the readings',
  'web.report-as-pdf': 'Report as PDF',
  'web.report-is-written-once-new-equipment':
    'The report is written once the new equipment is known. The survey and scope have a document of their own.',
  'web.serials': 'Serials',
  'web.signature-line': '{certificate}, {at}, {contentHash}',
  'web.signatures': 'Signatures',
  'web.to-which-signature': 'To which signature',
  'web.visit-of': 'Visit {n} of {all}: {day}, to {purpose}.',
  'web.visits': 'Visits',
  'web.what-furnace-shows': 'What the furnace shows',
  'web.what-was-signed-stays-as-it':
    'What was signed stays as it was. The amendment stands beside it, with your name and the time.',
  'web.writing-report': 'Writing the report …',
} as const;
