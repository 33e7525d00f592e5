import { type Plate, plateSchema } from '@/core/equipment/plate';
import { saidOf } from '@/core/finding/allow';
import { allowedAt } from '@/core/finding/schema-fields';
import { numberFromText } from '@/web/kit/number-text';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';

/** The plate as it is typed: every number a text, so that nothing typed is lost or silently changed. */
export type PlateText = Record<keyof Plate, string>;

export const NUMBER_FIELDS = [
  'nominalTons',
  'compressorRlaA',
  'outdoorFanFlaA',
  'factoryChargeOz',
  'includedLineFt',
  'liquidLineOdIn',
  'vaporLineOdIn',
  'lineLengthFt',
  'makerOzPerFt',
  'drierOz',
  'coilOz',
  'targetSubcoolingF',
] as const satisfies readonly (keyof Plate)[];
const OPTIONAL: readonly string[] = ['serial', 'lineLengthFt', 'makerOzPerFt', 'targetSubcoolingF'];
/** Not on every plate: what stays empty is left off it. */
export const MORE_NUMBERS = [
  'compressorLraA',
  'lowestOutdoorF',
  'soundPowerDb',
] as const satisfies readonly (keyof Plate)[];
const MORE = [
  ...MORE_NUMBERS,
  'phases',
  'stages',
  'liquidSizes',
  'vaporSizes',
  'makerChart',
  'bookPage',
] as const satisfies readonly (keyof Plate)[];

/** Nothing is said yet: what nobody read off a plate is not on it. Additions to the charge are none until someone types one. */
export const EMPTY_PLATE: PlateText = {
  maker: '',
  model: '',
  serial: '',
  refrigerant: '',
  metering: '',
  heatPump: '',
  inverter: '',
  packaged: '',
  nominalTons: '',
  plateVolts: '',
  compressorRlaA: '',
  outdoorFanFlaA: '',
  factoryChargeOz: '',
  includedLineFt: '',
  unitState: '',
  liquidLineOdIn: '',
  vaporLineOdIn: '',
  lineLengthFt: '',
  makerOzPerFt: '',
  drierOz: '0',
  coilOz: '0',
  targetSubcoolingF: '',
  targetSource: '',
  orificeStamp: '',
  phases: '',
  stages: '',
  compressorLraA: '',
  lowestOutdoorF: '',
  soundPowerDb: '',
  liquidSizes: '',
  vaporSizes: '',
  makerChart: '',
  bookPage: '',
};

export function textOf(plate: Partial<Plate>): PlateText {
  const text = (v: unknown): string =>
    v === null || v === undefined ? '' : typeof v === 'boolean' ? (v ? 'yes' : 'no') : String(v);
  return {
    packaged: 'no',
    orificeStamp: '',
    ...Object.fromEntries(MORE.map((k) => [k, ''])),
    ...Object.fromEntries(Object.entries(plate).map(([k, v]) => [k, text(v)])),
  } as PlateText;
}

/** A packaged unit has no line set: what the form then does not ask stands at these. */
const SEALED: Partial<PlateText> = {
  includedLineFt: '0',
  liquidLineOdIn: '0.375',
  vaporLineOdIn: '0.75',
  lineLengthFt: '0',
  makerOzPerFt: '',
  drierOz: '0',
  coilOz: '0',
  unitState: 'factory-held',
};

const yesNo = (text: string): boolean | undefined => (text === '' ? undefined : text === 'yes');

export type PlateProblem = { field: keyof Plate; message: string; allowed: string };

/** Reads the whole form: a plate, or every problem with its field and what is allowed. */
export function plateOf(typed: PlateText): { plate?: Plate; problems: PlateProblem[] } {
  const text: PlateText = typed.packaged === 'yes' ? { ...typed, ...SEALED } : typed;
  const problems: PlateProblem[] = [];
  const raw: Record<string, unknown> = {
    ...text,
    heatPump: yesNo(text.heatPump),
    inverter: yesNo(text.inverter),
    packaged: text.packaged === 'yes' ? true : undefined,
  };
  const allowedOf = (field: string): string => say(allowedAt(plateSchema, [field]));
  // A split unit is the absence of a mark on the record; on the form it is said.
  if (text.packaged === '')
    problems.push({ field: 'packaged', message: t('web.missing'), allowed: allowedOf('packaged') });
  for (const field of [...NUMBER_FIELDS, ...MORE_NUMBERS]) {
    const entered = text[field].trim();
    const value = numberFromText(entered);
    if (entered === '') {
      if ((MORE as readonly string[]).includes(field)) delete raw[field];
      else if (OPTIONAL.includes(field)) raw[field] = null;
      else problems.push({ field, message: t('web.missing'), allowed: allowedOf(field) });
    } else if (value === undefined)
      problems.push({ field, message: t('web.is-not-plain-number', { entered }), allowed: allowedOf(field) });
    else raw[field] = value;
  }
  if (text.serial.trim() === '') raw.serial = null;
  // A chart is of the test mode of an inverter: another plate does not carry one.
  if (text.inverter !== 'yes') delete raw.makerChart;
  for (const field of MORE) if (text[field].trim() === '') delete raw[field];
  // Asked of a fixed orifice only; a plate without one does not carry the field.
  if (text.metering !== 'fixed-orifice' || text.orificeStamp.trim() === '') delete raw.orificeStamp;
  const known = new Set<string>(problems.map((p) => p.field));
  const checked = plateSchema.safeParse(raw);
  if (checked.success && problems.length === 0) return { plate: checked.data, problems: [] };
  for (const issue of checked.success ? [] : checked.error.issues) {
    const field = String(issue.path[0]) as keyof Plate;
    if (known.has(field)) continue;
    known.add(field);
    const plain =
      issue.code === 'too_small'
        ? t('web.too-low')
        : issue.code === 'too_big'
          ? t('web.too-high')
          : issue.code === 'custom'
            ? t('web.it', { message: saidOf(issue.message) })
            : t('web.not-allowed');
    problems.push({
      field,
      message: text[field]?.trim() === '' ? t('web.missing') : plain,
      allowed: allowedOf(field),
    });
  }
  return { problems };
}

/** What stands on the form for what is stored, else for what the survey read off a unit that stays; an empty plate says nothing. */
export const asStored = (plate: Plate | null, seen?: Partial<Plate>): PlateText =>
  plate ? textOf(plate) : seen ? { ...EMPTY_PLATE, ...textOf(seen) } : EMPTY_PLATE;
