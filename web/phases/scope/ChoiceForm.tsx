import { Link } from 'react-router';
import { fitsModel } from '@/core/equipment/fits-model';
import type { LibraryItem } from '@/core/equipment/library-item';
import { EQUIPMENT_KIND_WORDS, type EquipmentKind } from '@/core/equipment/library-item';
import type { Choice as ChoiceRecord } from '@/core/scope/choice';
import type { Chosen } from '@/core/scope/chosen';
import type { KnownFacts } from '@/core/scope/survey/facts';
import { type Piece, partsOf, traitsOf } from '@/core/scope/survey/parts';
import { q } from '@/core/words/said';
import type { Library } from '@/web/api/use-library';
import { Choice } from '@/web/kit/Choice';
import { Mark } from '@/web/kit/Mark';
import { NumberCell } from '@/web/kit/NumberCell';
import { TextCell } from '@/web/kit/TextCell';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import { PickUnit } from './PickUnit';

type Props = {
  chosen: Chosen<LibraryItem>;
  pairListed: boolean | undefined;
  library: Library | undefined;
  known: KnownFacts;
  disabled: boolean;
  onChange: (change: Partial<ChoiceRecord>) => Promise<boolean>;
};

const words = (i: LibraryItem): string =>
  `${i.maker} ${i.model}${i.tons ? ` · ${say(q(i.tons, 'tons', 'as is'))}` : ''}${i.refrigerant ? ` · ${i.refrigerant}` : ''}${i.stages === 'variable' ? t('web.inverter') : ''}`;

/** The new equipment and what stays: few switches, everything else follows by rule. */
export function ChoiceForm({ chosen, pairListed, library, known, disabled, onChange }: Props) {
  const { choice, outdoor, indoor, furnace, heaterKit, thermostat } = chosen;
  const cabinet = indoor ?? (outdoor?.kind === 'package' ? outdoor : undefined);
  const kitListed = heaterKit && cabinet ? fitsModel(heaterKit.fits, cabinet.model) : undefined;
  const parts = partsOf(known);
  const traits = traitsOf(known);
  // Where nobody said what is replaced, either unit of a split system may be new.
  const said = typeof known.replaced === 'string' && traits.has('of-pieces');
  const fresh = (...pieces: Piece[]): boolean => parts === undefined || pieces.some((p) => parts.fresh.has(p));
  const packaged = traits.has('packaged');
  const split = parts === undefined || (traits.has('split') && traits.has('outdoor'));
  const units = (...kinds: EquipmentKind[]) => library?.items.filter((i) => kinds.includes(i.kind)) ?? [];
  const options = (items: readonly LibraryItem[]): [string, string][] =>
    items.map((i) => [
      i.id,
      `${say(EQUIPMENT_KIND_WORDS[i.kind])}: ${words(i)}${outdoor && listed(i.id) ? t('web.listed') : ''}`,
    ]);
  const indoorKinds: EquipmentKind[] = !said
    ? ['air-handler', 'coil']
    : parts?.fresh.has('air-handler')
      ? ['air-handler']
      : ['coil'];
  const listed = (id: string): boolean =>
    !!library &&
    !!outdoor &&
    library.pairs.some(
      (p) => p.outdoorModel === outdoor.model && p.indoorModel === library.items.find((i) => i.id === id)?.model,
    );
  const yes = (
    label: string,
    key: 'keepCoil' | 'keepLineSet' | 'keepDisconnect' | 'ductsTouched' | 'ratingClaimed' | 'softStarter',
  ) => (
    <label key={key} className="touch inline-flex cursor-pointer items-center gap-2.5 pr-3 font-[520]">
      <input
        type="checkbox"
        className="peer sr-only"
        checked={choice[key]}
        disabled={disabled}
        onChange={(e) => onChange({ [key]: e.target.checked })}
      />
      <span className="grid size-[26px] place-items-center border-[1.5px] border-ink bg-sheet peer-focus-visible:outline-3 peer-focus-visible:outline-copper">
        {choice[key] ? <span className="size-[14px] bg-copper" /> : null}
      </span>
      {label}
    </label>
  );
  return (
    <section aria-label={t('web.new-equipment')} className="mt-3 border-[1.5px] border-rule bg-sheet/60 p-3">
      <div className="grid gap-3 sm:grid-cols-2">
        {fresh('outdoor', 'package') ? (
          <PickUnit
            label={packaged ? t('web.new-packaged-unit') : t('web.new-outdoor-unit')}
            value={choice.outdoorId}
            disabled={disabled}
            options={units(packaged ? 'package' : 'outdoor').map((i) => [i.id, words(i)])}
            onPick={(outdoorId) => onChange({ outdoorId })}
          />
        ) : null}
        {fresh('coil', 'air-handler') ? (
          <PickUnit
            label={t('web.new-indoor-unit-or-coil')}
            value={choice.indoorId}
            disabled={disabled}
            options={options(units(...indoorKinds))}
            onPick={(indoorId) => onChange({ indoorId, ...(indoorId ? { keepCoil: false } : {}) })}
            {...(said ? {} : { none: t('web.none-old-one-stays-or-is') })}
          />
        ) : null}
        {parts?.fresh.has('furnace') ? (
          <PickUnit
            label={t('web.new-furnace')}
            value={furnace?.id ?? null}
            disabled={disabled}
            options={units('furnace').map((i) => [i.id, words(i)])}
            onPick={(furnaceId) => onChange({ furnaceId, ...(indoor?.kind === 'furnace' ? { indoorId: null } : {}) })}
          />
        ) : null}
        {fresh('air-handler', 'package') && units('heater-kit').length > 0 ? (
          <PickUnit
            label={t('web.heater-kit')}
            value={heaterKit?.id ?? null}
            disabled={disabled}
            options={units('heater-kit').map((i) => [
              i.id,
              `${words(i)}${i.heaterKw ? ` · ${say(q(i.heaterKw, 'kW', 'as is'))}` : ''}`,
            ])}
            onPick={(heaterKitId) => onChange({ heaterKitId })}
            none={t('web.none-or-not-chosen')}
          />
        ) : null}
        {units('thermostat').length > 0 ? (
          <PickUnit
            label={t('web.thermostat')}
            value={thermostat?.id ?? null}
            disabled={disabled}
            options={units('thermostat').map((i) => [i.id, words(i)])}
            onPick={(thermostatId) => onChange({ thermostatId })}
            none={t('web.old-one-stays-or-not-chosen')}
          />
        ) : null}
      </div>
      {heaterKit && cabinet && kitListed !== true ? (
        <p className="mt-1.5 flex items-center gap-2 text-[13.5px]">
          <Mark kind={kitListed === false ? 'stop' : 'not-proven'} size={14} />
          {t(kitListed === false ? 'web.kit-is-not-listed-for' : 'web.nobody-said-what-kit-fits', {
            kit: heaterKit.model,
            cabinet: cabinet.model,
          })}
        </p>
      ) : null}
      {outdoor && indoor ? (
        <p className="mt-1.5 flex items-center gap-2 text-[13.5px]">
          <Mark kind={pairListed ? 'good' : 'look-again'} size={14} />
          {pairListed ? t('web.pair-is-listed') : t('web.pair-is-not-in-listings-of')}
        </p>
      ) : null}
      {library && library.items.length === 0 ? (
        <p className="mt-1.5 text-[13.5px] text-ink2">
          {t('web.library-is-empty')}{' '}
          <Link className="text-copper underline" to="/library">
            {t('web.import-equipment')}
          </Link>
        </p>
      ) : null}
      <div className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-1">
        {split && !said ? yes(t('web.old-coil-stays'), 'keepCoil') : null}
        {split ? yes(t('web.line-set-stays'), 'keepLineSet') : null}
        {yes(t('web.disconnect-stays'), 'keepDisconnect')}
        {yes(t('web.ducts-are-handled'), 'ductsTouched')}
        {yes(t('web.rating-or-rebate-claimed'), 'ratingClaimed')}
        {traits.has('outdoor') || !parts ? yes(t('web.soft-starter-wanted'), 'softStarter') : null}
        {outdoor ? (
          <div className="w-[150px]">
            <NumberCell
              label={t('web.stand-height')}
              unit="in"
              value={choice.standIn}
              disabled={disabled}
              onCommit={(v) => {
                if (v === null || v < 0 || v > 120) return t('web.outside-what-can-be-built-allowed');
                return onChange({ standIn: v });
              }}
            />
          </div>
        ) : null}
      </div>
      {outdoor && outdoor.controls !== '24v' ? (
        <div className="mt-2 grid items-start gap-3 sm:grid-cols-2">
          <Choice
            label={t('web.controls')}
            value={choice.controls}
            options={[
              { value: '24v', label: '24 V' },
              { value: 'communicating', label: t('web.communicating') },
              { value: 'undecided', label: t('web.undecided') },
            ]}
            onChange={(controls) => !disabled && onChange({ controls })}
          />
          <TextCell
            label={t('web.why')}
            value={choice.controlsReason}
            most={300}
            onCommit={(controlsReason) => onChange({ controlsReason })}
          />
        </div>
      ) : null}
    </section>
  );
}
