import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/react';
import { EyeOff } from 'lucide-react';
import { useState } from 'react';
import type { FactValue } from '@/core/scope/survey/fact';
import { type Fact, valueTrouble } from '@/core/scope/survey/facts';
import {
  CONFIDENCES,
  type Confidence,
  METHOD_WORDS,
  METHODS,
  type Method,
  type Observation,
} from '@/core/scope/survey/survey';
import { Choice } from '@/web/kit/Choice';
import { NumberCell } from '@/web/kit/NumberCell';
import { TextCell } from '@/web/kit/TextCell';
import { say } from '@/web/words/say';
import { t } from '@/web/words/tell';
import type { JobView } from '../job-context';
import { PhotoButton, Thumbs } from './PhotoButton';

export type How = {
  method: Method;
  source: string;
  confidence: Confidence;
  note: string | null;
  photoId: string | null;
};
/** An answer that only a person reading a plate can give starts as read off the plate. */
const PLATE_FACTS = /Plate$|^oldTons$|^oldRefrigerant$|^outdoorModel$|^mcaA$|^oldYear$|^compressorTons$|^valveTons$/;

function startHow(fact: Fact, seen: Observation | undefined): How {
  if (seen)
    return {
      method: seen.method,
      source: seen.source,
      confidence: seen.confidence,
      note: seen.note,
      photoId: seen.photoId,
    };
  const method: Method = PLATE_FACTS.test(fact.key) ? 'plate' : fact.kind === 'number' ? 'measured' : 'seen';
  return {
    method,
    source: method === 'plate' ? 'plate' : 'on site',
    confidence: 'high',
    note: null,
    photoId: null,
  };
}

/** The house has other systems too: what is the house's was, or will be, asked for all of them. */
const siblingSystems = (sheet: JobView['sheet']): boolean => sheet.circuits.some((c) => c.systemId !== sheet.system.id);

/** One question: what it decides, its answer in one tap, "not seen" as an answer, a picture, and how it is known. */
export function FactRow({
  view,
  fact,
  seen,
  lit,
  onAnswer,
}: {
  view: JobView;
  fact: Fact;
  seen: Observation | undefined;
  lit: boolean;
  onAnswer: (value: FactValue | null, how: How) => void;
}) {
  const [how, setHow] = useState(() => startHow(fact, seen));
  // A new answer, and nothing else, brings its own way of knowing; while drawing, so that no later tap is undone by it.
  const [of, setOf] = useState(seen?.id);
  if (of !== seen?.id) {
    setOf(seen?.id);
    setHow(startHow(fact, seen));
  }
  const answer = (value: FactValue | null, change: Partial<How> = {}): void => onAnswer(value, { ...how, ...change });
  const subject = `fact:${fact.key}`;
  const keep = (change: Partial<How>): void => {
    setHow({ ...how, ...change });
    if (seen) answer(seen.value, change);
  };
  const known = seen
    ? `${seen.foundOnTheDay ? t('web.found-on-day-2') : ''}${seen.value === null ? t('web.not-seen') : say(METHOD_WORDS[seen.method])}${seen.confidence === 'high' ? '' : t('web.confidence', { confidence: seen.confidence })} · ${seen.by}`
    : t('web.how-it-is-known');
  return (
    <Disclosure
      as="li"
      id={fact.key}
      data-testid={`fact-${fact.key}`}
      className={`scroll-mt-3 border-b border-rule py-2.5 ${lit ? '-mx-3 bg-sheet px-3 shadow-[inset_5px_0_0_var(--copper)]' : ''}`}
    >
      <div className="flex flex-wrap items-baseline gap-x-2.5">
        <h2 className="text-[16px] font-[660]" style={{ fontStretch: '100%' }}>
          {say(fact.label)}
        </h2>
        {fact.house && siblingSystems(view.sheet) ? (
          <span className="border border-rule px-1.5 text-[12px] font-[600]">{t('web.house-asked-once')}</span>
        ) : null}
        <span className="text-[13px] text-ink2">{say(fact.why)}</span>
        <DisclosureButton
          aria-label={t('web.how-it-is-known-2', { label: fact.label })}
          className={`touch -my-3 ml-auto cursor-pointer py-4 text-[12.5px] underline decoration-dotted underline-offset-4 ${seen?.foundOnTheDay ? 'font-[650] text-ochre' : 'text-ink2'}`}
        >
          {known}
        </DisclosureButton>
      </div>
      <div className="mt-1 flex flex-wrap items-start gap-2">
        <div className={`min-w-0 flex-1 ${fact.kind === 'number' ? 'basis-[150px]' : 'basis-[260px]'}`}>
          <Control fact={fact} seen={seen} onAnswer={answer} />
        </div>
        <div className="flex items-center gap-2">
          <button
            type="button"
            aria-pressed={seen !== undefined && seen.value === null}
            onClick={() => answer(null)}
            className="touch inline-flex cursor-pointer items-center gap-1.5 border-[1.5px] border-rule px-3 text-[14px] font-[560] aria-pressed:border-dashed aria-pressed:border-ink aria-pressed:font-[680]"
          >
            <EyeOff size={17} /> {t('web.not-seen-2')}
          </button>
          <PhotoButton
            view={view}
            subject={subject}
            label={t('web.picture-of', { label: fact.label })}
            onTaken={(photoId) => (seen ? answer(seen.value, { photoId }) : setHow({ ...how, photoId }))}
          />
          <Thumbs view={view} subject={subject} />
        </div>
      </div>
      <DisclosurePanel className="mt-2 grid gap-2 sm:grid-cols-2">
        <Choice
          label={t('web.method')}
          value={how.method}
          options={METHODS.map((m) => ({ value: m, label: say(METHOD_WORDS[m]) }))}
          onChange={(method) => keep({ method })}
        />
        <Choice
          label={t('web.confidence-2')}
          value={how.confidence}
          options={CONFIDENCES.map((c) => ({ value: c, label: c }))}
          onChange={(confidence) => keep({ confidence })}
        />
        <TextCell
          label={t('web.who-or-what-said-it')}
          value={how.source}
          onCommit={(source) => void keep({ source })}
          required
          most={120}
        />
        <TextCell
          label={t('web.note')}
          value={how.note ?? ''}
          onCommit={(note) => void keep({ note: note || null })}
          most={500}
        />
      </DisclosurePanel>
    </Disclosure>
  );
}

function Control({
  fact,
  seen,
  onAnswer,
}: {
  fact: Fact;
  seen: Observation | undefined;
  onAnswer: (value: FactValue) => void;
}) {
  switch (fact.kind) {
    case 'choice':
      return (
        <Taps
          label={say(fact.label)}
          options={fact.options.map(([v, words]) => [v, say(words)] as const)}
          value={seen?.value}
          onTap={onAnswer}
        />
      );
    case 'yes-no':
      return (
        <Taps
          label={say(fact.label)}
          options={[
            ['yes', t('web.yes')],
            ['no', t('web.no')],
          ]}
          value={typeof seen?.value === 'boolean' ? (seen.value ? 'yes' : 'no') : undefined}
          onTap={(v) => onAnswer(v === 'yes')}
        />
      );
    case 'number':
      return (
        <div className="max-w-[220px]">
          <NumberCell
            label={say(fact.label)}
            hideLabel
            unit={fact.unit === 'year' ? undefined : fact.unit}
            value={typeof seen?.value === 'number' ? seen.value : null}
            onCommit={(v) => {
              if (v === null) return undefined;
              const trouble = valueTrouble(fact, v);
              if (trouble) return t('web.allowed', { message: trouble.message, allowed: trouble.allowed });
              onAnswer(v);
              return undefined;
            }}
          />
        </div>
      );
    default:
      return (
        <TextCell
          label={say(fact.label)}
          hideLabel
          value={typeof seen?.value === 'string' ? seen.value : ''}
          onCommit={(v) => void (v && onAnswer(v))}
        />
      );
  }
}

/** Answers side by side, each a full touch target; the one given is marked by edge, weight and a bar. */
function Taps({
  label,
  options,
  value,
  onTap,
}: {
  label: string;
  options: readonly (readonly [string, string])[];
  value: unknown;
  onTap: (value: string) => void;
}) {
  return (
    <fieldset className="flex flex-wrap">
      <legend className="sr-only">{label}</legend>
      {options.map(([v, words]) => (
        <button
          key={v}
          type="button"
          aria-pressed={value === v}
          onClick={() => onTap(v)}
          className="touch -mt-[1.5px] -ml-[1.5px] cursor-pointer border-[1.5px] border-rule px-3.5 leading-tight font-[520] aria-pressed:z-10 aria-pressed:border-ink aria-pressed:bg-sheet aria-pressed:font-[680] aria-pressed:shadow-[inset_0_-4px_0_var(--copper)]"
        >
          {words}
        </button>
      ))}
    </fieldset>
  );
}
