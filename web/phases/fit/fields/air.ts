import { FITTING_KINDS } from '@/core/air/duct/fitting-length';
import { value } from '@/core/words/said';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { type FieldDef, type ListDef, n, one, type Section, yes } from './field-def';

export const airFields: Section[] = [
  {
    title: t('web.system'),
    fields: [
      n('tons', t('web.size'), 'tons'),
      n('cfmPerTon', t('web.air'), 'CFM/ton'),
      n('trunkExistingIn', t('web.trunk-there-now'), 'in', true),
      n('trunkHeightIn', t('web.made-rectangular-height'), 'in', true),
    ],
  },
  {
    title: t('web.static-budget'),
    fields: [
      n('budget.ratedEspInWc', t('web.blower-delivers'), t('web.in-w-c')),
      n('budget.coilInWc', t('web.wet-coil'), t('web.in-w-c')),
      n('budget.filterInWc', t('web.filter'), t('web.in-w-c')),
      n('budget.grilleInWc', t('web.grille'), t('web.in-w-c')),
      n('budget.registerInWc', t('web.register'), t('web.in-w-c')),
      n('budget.dampersInWc', t('web.dampers'), t('web.in-w-c')),
      n('budget.longestFt', t('web.longest-effective-length'), 'ft'),
    ],
  },
  {
    title: t('web.longest-way'),
    when: 'path',
    start: { supplyFt: 40, returnFt: 15, flexFt: 12, flexIn: 8, slackPct: 4, fittings: [] },
    fields: [
      n('path.supplyFt', t('web.metal-supply'), 'ft'),
      n('path.returnFt', t('web.return'), 'ft'),
      n('path.flexFt', t('web.flex'), 'ft'),
      n('path.flexIn', t('web.flex-diameter')),
      n('path.slackPct', t('web.slack'), '%'),
    ],
  },
  {
    title: t('web.media-cabinet'),
    when: 'cabinet',
    start: { widthIn: 20, heightIn: 25 },
    fields: [n('cabinet.widthIn', t('web.width')), n('cabinet.heightIn', t('web.height'))],
  },
  {
    title: t('web.zones'),
    when: 'zoning',
    start: { smallestZoneCfm: 400, equipmentMinCfm: null, bypassShare: 0, returnF: 75, coilDropF: 18 },
    fields: [
      n('zoning.smallestZoneCfm', t('web.smallest-zone'), 'CFM'),
      n('zoning.equipmentMinCfm', t('web.machines-least-air'), 'CFM', true),
      n('zoning.bypassShare', t('web.bypassed-share'), t('web.0-to-0-8')),
      n('zoning.returnF', t('web.return-air'), '°F'),
      n('zoning.coilDropF', t('web.drop-across-coil'), '°F'),
    ],
  },
];

const branchFields: FieldDef[] = [
  { kind: 'text', path: 'name', label: t('web.room') },
  n('cfm', t('web.air'), 'CFM'),
  n('existingIn', t('web.there-now'), 'in', true),
  one('kind', t('web.made-of'), ['flex', say(value('flex'))], ['metal', say(value('metal'))]),
  n('slackPct', t('web.slack'), '%'),
];
const branch = (id: string) => ({
  id,
  name: t('web.room'),
  cfm: 100,
  kind: 'flex',
  existingIn: null,
  slackPct: 4,
});

export const airLists: ListDef[] = [
  {
    path: 'path.fittings',
    within: 'path',
    title: t('web.fittings-on-longest-way'),
    add: t('web.add-fitting'),
    start: (id) => ({ id, side: 'supply', kind: 'boot, 90°', fpm: 600, count: 1 }),
    fields: [
      one('kind', t('web.fitting'), ...FITTING_KINDS),
      one('side', t('web.side'), ['supply', say(value('supply'))], ['return', say(value('return'))]),
      n('fpm', t('web.speed'), 'fpm'),
      n('count', t('web.how-many'), ''),
    ],
  },
  {
    path: 'plenum',
    title: t('web.runs-straight-off-plenum'),
    add: t('web.add-run'),
    start: branch,
    fields: branchFields,
  },
  {
    path: 'trunk',
    title: t('web.runs-off-trunk-in-order'),
    add: t('web.add-run'),
    start: branch,
    fields: branchFields,
  },
  {
    path: 'returns',
    title: t('web.return-grilles'),
    add: t('web.add-return'),
    start: (id) => ({ id, name: t('web.new-grille'), widthIn: 20, heightIn: 20, filter: true, freeShare: 0.7 }),
    fields: [
      { kind: 'text', path: 'name', label: t('web.where') },
      n('widthIn', t('web.width')),
      n('heightIn', t('web.height')),
      n('freeShare', t('web.free-share'), t('web.0-3-to-1')),
      yes('filter', t('web.filter-in-it')),
    ],
  },
];
