import { FITTING_KINDS } from '@/core/air/duct/fitting-length';
import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';
import { type FieldDef, type ListDef, n, one, type Section, yes } from './field-def';

export const airFields: Section[] = [
  {
    title: say(tell('web.system')),
    fields: [
      n('tons', say(tell('web.size')), 'tons'),
      n('cfmPerTon', say(tell('web.air')), 'CFM/ton'),
      n('trunkExistingIn', say(tell('web.trunk-there-now')), 'in', true),
      n('trunkHeightIn', say(tell('web.made-rectangular-height')), 'in', true),
    ],
  },
  {
    title: say(tell('web.static-budget')),
    fields: [
      n('budget.ratedEspInWc', say(tell('web.blower-delivers')), say(tell('web.in-w-c'))),
      n('budget.coilInWc', say(tell('web.wet-coil')), say(tell('web.in-w-c'))),
      n('budget.filterInWc', say(tell('web.filter')), say(tell('web.in-w-c'))),
      n('budget.grilleInWc', say(tell('web.grille')), say(tell('web.in-w-c'))),
      n('budget.registerInWc', say(tell('web.register')), say(tell('web.in-w-c'))),
      n('budget.dampersInWc', say(tell('web.dampers')), say(tell('web.in-w-c'))),
      n('budget.longestFt', say(tell('web.longest-effective-length')), 'ft'),
    ],
  },
  {
    title: say(tell('web.longest-way')),
    when: 'path',
    start: { supplyFt: 40, returnFt: 15, flexFt: 12, flexIn: 8, slackPct: 4, fittings: [] },
    fields: [
      n('path.supplyFt', say(tell('web.metal-supply')), 'ft'),
      n('path.returnFt', say(tell('web.return')), 'ft'),
      n('path.flexFt', say(tell('web.flex')), 'ft'),
      n('path.flexIn', say(tell('web.flex-diameter'))),
      n('path.slackPct', say(tell('web.slack')), '%'),
    ],
  },
  {
    title: say(tell('web.media-cabinet')),
    when: 'cabinet',
    start: { widthIn: 20, heightIn: 25 },
    fields: [n('cabinet.widthIn', say(tell('web.width'))), n('cabinet.heightIn', say(tell('web.height')))],
  },
  {
    title: say(tell('web.zones')),
    when: 'zoning',
    start: { smallestZoneCfm: 400, equipmentMinCfm: null, bypassShare: 0, returnF: 75, coilDropF: 18 },
    fields: [
      n('zoning.smallestZoneCfm', say(tell('web.smallest-zone')), 'CFM'),
      n('zoning.equipmentMinCfm', say(tell('web.machines-least-air')), 'CFM', true),
      n('zoning.bypassShare', say(tell('web.bypassed-share')), say(tell('web.0-to-0-8'))),
      n('zoning.returnF', say(tell('web.return-air')), '°F'),
      n('zoning.coilDropF', say(tell('web.drop-across-coil')), '°F'),
    ],
  },
];

const branchFields: FieldDef[] = [
  { kind: 'text', path: 'name', label: say(tell('web.room')) },
  n('cfm', say(tell('web.air')), 'CFM'),
  n('existingIn', say(tell('web.there-now')), 'in', true),
  one('kind', say(tell('web.made-of')), ['flex', say(value('flex'))], ['metal', say(value('metal'))]),
  n('slackPct', say(tell('web.slack')), '%'),
];
const branch = (id: string) => ({
  id,
  name: say(tell('web.room')),
  cfm: 100,
  kind: 'flex',
  existingIn: null,
  slackPct: 4,
});

export const airLists: ListDef[] = [
  {
    path: 'path.fittings',
    within: 'path',
    title: say(tell('web.fittings-on-longest-way')),
    add: say(tell('web.add-fitting')),
    start: (id) => ({ id, side: 'supply', kind: 'boot, 90°', fpm: 600, count: 1 }),
    fields: [
      one('kind', say(tell('web.fitting')), ...FITTING_KINDS),
      one('side', say(tell('web.side')), ['supply', say(value('supply'))], ['return', say(value('return'))]),
      n('fpm', say(tell('web.speed')), 'fpm'),
      n('count', say(tell('web.how-many')), ''),
    ],
  },
  {
    path: 'plenum',
    title: say(tell('web.runs-straight-off-plenum')),
    add: say(tell('web.add-run')),
    start: branch,
    fields: branchFields,
  },
  {
    path: 'trunk',
    title: say(tell('web.runs-off-trunk-in-order')),
    add: say(tell('web.add-run')),
    start: branch,
    fields: branchFields,
  },
  {
    path: 'returns',
    title: say(tell('web.return-grilles')),
    add: say(tell('web.add-return')),
    start: (id) => ({ id, name: say(tell('web.new-grille')), widthIn: 20, heightIn: 20, filter: true, freeShare: 0.7 }),
    fields: [
      { kind: 'text', path: 'name', label: say(tell('web.where')) },
      n('widthIn', say(tell('web.width'))),
      n('heightIn', say(tell('web.height'))),
      n('freeShare', say(tell('web.free-share')), say(tell('web.0-3-to-1'))),
      yes('filter', say(tell('web.filter-in-it'))),
    ],
  },
];
