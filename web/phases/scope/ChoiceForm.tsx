import { Link } from 'react-router';
import type { LibraryItem } from '@/core/equipment/library-item';
import { EQUIPMENT_KIND_WORDS } from '@/core/equipment/library-item';
import type { Choice as ChoiceRecord } from '@/core/scope/choice';
import { type KnownFacts, systemTypeOf } from '@/core/scope/survey/facts';
import { q } from '@/core/words/said';
import type { Library } from '@/web/api/use-library';
import { Choice } from '@/web/kit/Choice';
import { Mark } from '@/web/kit/Mark';
import { NumberCell } from '@/web/kit/NumberCell';
import { TextCell } from '@/web/kit/TextCell';
import { say } from '@/web/words/say';
import { tell } from '@/web/words/tell';

type Props = {
  choice: ChoiceRecord;
  outdoor: LibraryItem | null;
  indoor: LibraryItem | null;
  pairListed: boolean | null;
  library: Library | undefined;
  known: KnownFacts;
  disabled: boolean;
  onChange: (change: Partial<ChoiceRecord>) => void;
};

const SPLIT = new Set(['split-hp', 'split-ac']);
const words = (i: LibraryItem): string =>
  `${i.maker} ${i.model}${i.tons ? ` · ${say(q(i.tons, 'tons', 'as is'))}` : ''}${i.refrigerant ? ` · ${i.refrigerant}` : ''}${i.stages === 'variable' ? say(tell('web.inverter')) : ''}`;

/** The new equipment and what stays: few switches, everything else follows by rule. */
export function ChoiceForm({ choice, outdoor, indoor, pairListed, library, known, disabled, onChange }: Props) {
  const type = systemTypeOf(known);
  const split = type === undefined || SPLIT.has(type);
  const packaged = type === 'packaged-hp' || type === 'gas-pack' || type === 'rooftop';
  const furnaceOnly = type === 'furnace-gas' || type === 'furnace-oil';
  const outdoorKinds = packaged ? ['package'] : ['outdoor'];
  const outdoors = library?.items.filter((i) => outdoorKinds.includes(i.kind)) ?? [];
  const indoors =
    library?.items.filter((i) =>
      furnaceOnly ? i.kind === 'furnace' : i.kind === 'air-handler' || i.kind === 'coil' || i.kind === 'furnace',
    ) ?? [];
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
    <section aria-label={say(tell('web.new-equipment'))} className="mt-3 border-[1.5px] border-rule bg-sheet/60 p-3">
      <div className="grid gap-3 sm:grid-cols-2">
        {furnaceOnly ? null : (
          <Pick
            label={packaged ? say(tell('web.new-packaged-unit')) : say(tell('web.new-outdoor-unit'))}
            value={choice.outdoorId}
            disabled={disabled}
            options={outdoors.map((i) => [i.id, words(i)])}
            onPick={(outdoorId) => onChange({ outdoorId })}
          />
        )}
        {packaged ? null : (
          <Pick
            label={furnaceOnly ? say(tell('web.new-furnace')) : say(tell('web.new-indoor-unit-or-coil'))}
            value={choice.indoorId}
            disabled={disabled}
            options={indoors.map((i) => [
              i.id,
              `${say(EQUIPMENT_KIND_WORDS[i.kind])}: ${words(i)}${outdoor && listed(i.id) ? say(tell('web.listed')) : ''}`,
            ])}
            onPick={(indoorId) => onChange({ indoorId, ...(indoorId ? { keepCoil: false } : {}) })}
            none={say(tell('web.none-old-one-stays-or-is'))}
          />
        )}
      </div>
      {outdoor && indoor ? (
        <p className="mt-1.5 flex items-center gap-2 text-[13.5px]">
          <Mark kind={pairListed ? 'good' : 'look-again'} size={14} />
          {pairListed ? say(tell('web.pair-is-listed')) : say(tell('web.pair-is-not-in-listings-of'))}
        </p>
      ) : null}
      {library && library.items.length === 0 ? (
        <p className="mt-1.5 text-[13.5px] text-ink2">
          {say(tell('web.library-is-empty'))}{' '}
          <Link className="text-copper underline" to="/library">
            {say(tell('web.import-equipment'))}
          </Link>
        </p>
      ) : null}
      <div className="mt-2 flex flex-wrap items-end gap-x-4 gap-y-1">
        {split ? yes(say(tell('web.old-coil-stays')), 'keepCoil') : null}
        {split ? yes(say(tell('web.line-set-stays')), 'keepLineSet') : null}
        {yes(say(tell('web.disconnect-stays')), 'keepDisconnect')}
        {yes(say(tell('web.ducts-are-handled')), 'ductsTouched')}
        {yes(say(tell('web.rating-or-rebate-claimed')), 'ratingClaimed')}
        {furnaceOnly ? null : yes(say(tell('web.soft-starter-wanted')), 'softStarter')}
        {outdoor ? (
          <div className="w-[150px]">
            <NumberCell
              label={say(tell('web.stand-height'))}
              unit="in"
              value={choice.standIn}
              disabled={disabled}
              onCommit={(v) => {
                if (v === null || v < 0 || v > 120) return say(tell('web.outside-what-can-be-built-allowed'));
                onChange({ standIn: v });
                return undefined;
              }}
            />
          </div>
        ) : null}
      </div>
      {outdoor && outdoor.controls !== '24v' ? (
        <div className="mt-2 grid items-start gap-3 sm:grid-cols-2">
          <Choice
            label={say(tell('web.controls'))}
            value={choice.controls}
            options={[
              { value: '24v', label: '24 V' },
              { value: 'communicating', label: say(tell('web.communicating')) },
              { value: 'undecided', label: say(tell('web.undecided')) },
            ]}
            onChange={(controls) => !disabled && onChange({ controls })}
          />
          <TextCell
            label={say(tell('web.why'))}
            value={choice.controlsReason}
            most={300}
            onCommit={(controlsReason) => onChange({ controlsReason })}
          />
        </div>
      ) : null}
    </section>
  );
}

function Pick({
  label,
  value,
  options,
  onPick,
  disabled,
  none = say(tell('web.not-chosen')),
}: {
  label: string;
  value: string | null;
  options: [string, string][];
  onPick: (id: string | null) => void;
  disabled: boolean;
  none?: string;
}) {
  return (
    <label className="block min-w-0">
      <span className="block text-[13px] font-[600]">{label}</span>
      <select
        value={value ?? ''}
        disabled={disabled}
        onChange={(e) => onPick(e.target.value || null)}
        className="touch mt-0.5 w-full border-[1.5px] border-rule bg-sheet px-2 text-[16px] font-[600] outline-none focus:border-ink"
      >
        <option value="">{none}</option>
        {options.map(([id, text]) => (
          <option key={id} value={id}>
            {text}
          </option>
        ))}
      </select>
    </label>
  );
}
