import { useState } from 'react';
import { entriesOf, latestOf } from '@/core/phases/log/circuit-log';
import {
  type CompressorNode,
  faultsAfter,
  faultsBefore,
  type Joint,
  NODE_FAULT_WORDS,
  USUAL_BEFORE,
  usualAfter,
} from '@/core/power/starter-nodes';
import { Paper } from '@/web/bench/sheet/Paper';
import { Button } from '@/web/kit/Button';
import { Choice } from '@/web/kit/Choice';
import { Notice, Trouble } from '@/web/kit/Notice';
import { useAct } from '@/web/kit/use-act';
import { say } from '@/web/words/say';
import { t, tell } from '@/web/words/tell';
import { useEntries } from '../circuit/use-entries';
import type { JobView } from '../job-context';
import { bent, isJoint, placed } from './compressor-layout';
import { pressed } from './pressed';

const HEIGHT_PX = 294;
const SIDE_PX = 26;

/** The compressor's circuit by roles, before the starter and with it: two terminals tapped join or part; what is wrong is told at once. */
export function CompressorDrawing({ view, signed }: { view: JobView; signed: boolean }) {
  const write = useEntries(view);
  const { problem, act } = useAct();
  const { systemLog } = view.sheet;
  const interrupts = latestOf(systemLog, 'soft-starter')?.body.interrupts ?? 'run';
  const [when, setWhen] = useState<'before' | 'after'>('before');
  const drawn = entriesOf(systemLog, 'starter-wiring').findLast((d) => d.body.when === when);
  const kept = (drawn?.body.joints ?? (when === 'before' ? USUAL_BEFORE : usualAfter(interrupts))) as readonly Joint[];
  const [tried, setTried] = useState<{ when: string; joints: readonly Joint[] }>();
  const joints = tried?.when === when ? tried.joints : kept;
  const [first, setFirst] = useState<CompressorNode>();
  const [fault] = when === 'before' ? faultsBefore(joints) : faultsAfter(joints, interrupts);
  function tap(node: CompressorNode): void {
    setFirst(first === undefined ? node : undefined);
    if (first === undefined || first === node) return;
    const there = joints.some((j) => isJoint(j, first, node));
    setTried({ when, joints: there ? joints.filter((j) => !isJoint(j, first, node)) : [...joints, [first, node]] });
  }
  return (
    <div className="mt-2 grid gap-2" data-testid="compressor-drawing">
      <Choice
        label={t('web.compressors-circuit')}
        value={when}
        options={[
          { value: 'before', label: t('web.before-the-starter') },
          { value: 'after', label: t('web.with-the-starter') },
        ]}
        onChange={setWhen}
      />
      <Paper id="compressor" label={t('web.compressors-circuit')} height={HEIGHT_PX}>
        {(width) => {
          const terminals = placed(width, when === 'after');
          const at = (node: CompressorNode) => terminals.find((t) => t.node === node);
          return (
            <g>
              {joints.map(([a, b], i) => {
                const [from, to] = [at(a), at(b)];
                return from && to ? (
                  <path key={`${a} ${b}`} d={bent(from, to, i)} fill="none" stroke="var(--ink)" strokeWidth="2.4" />
                ) : null;
              })}
              {terminals.map(({ node, x, y }) => {
                const below = y > HEIGHT_PX / 2;
                return (
                  <g key={node} {...pressed(() => !signed && tap(node))} aria-label={node} data-testid={`node-${node}`}>
                    <rect x={x - 22} y={y - 24} width={44} height={48} fill="transparent" />
                    <text x={x} y={below ? y + 28 : y - 19} textAnchor="middle" fontSize="11.5" fill="var(--ink2)">
                      {roleOf(node)}
                    </text>
                    <rect
                      x={x - SIDE_PX / 2}
                      y={y - SIDE_PX / 2}
                      width={SIDE_PX}
                      height={SIDE_PX}
                      fill={first === node ? 'var(--copper)' : 'var(--sheet)'}
                      stroke="var(--ink)"
                      strokeWidth="1.8"
                    />
                  </g>
                );
              })}
              {PARTS.filter(([, , , starter]) => !starter || when === 'after').map(([word, x, y]) => (
                <text
                  key={word.id}
                  x={x * width}
                  y={y}
                  fontSize="13"
                  fontWeight="680"
                  textAnchor="middle"
                  fill="var(--ink)"
                >
                  {say(word)}
                </text>
              ))}
            </g>
          );
        }}
      </Paper>
      <p className="text-[13px] text-ink2">{t('web.tap-two-terminals')}</p>
      {fault ? <Notice kind="stop">{say(NODE_FAULT_WORDS[fault])}</Notice> : null}
      <Trouble problem={problem} />
      {signed ? null : (
        <div className="flex flex-wrap gap-2">
          <Button
            tone={drawn && tried?.when !== when ? 'plain' : 'primary'}
            onClick={() =>
              // What was tried meanwhile stays: only what was kept is no longer a try.
              void act(() => write('starter-wiring', { when, joints })).then(
                (done) => done && setTried((now) => (now === tried ? undefined : now)),
              )
            }
          >
            {t('web.it-is-wired-like-this')}
          </Button>
          {tried?.when === when ? (
            <Button onClick={() => setTried(undefined)}>{t('web.back-to-what-is-kept')}</Button>
          ) : null}
        </div>
      )}
    </div>
  );
}

/** A terminal as its part has it, short enough to stand beside its neighbor. */
const SHORT: Readonly<Record<string, string>> = { common: 'com', RUN_OUT: 'RUN', CAP_COMMON: 'CAP' };
const roleOf = (node: CompressorNode): string => {
  const role = node.split('.')[1] ?? node;
  return SHORT[role] ?? role;
};

const PARTS = [
  [tell('web.contactor'), 0.16, 14, false],
  [tell('web.capacitor-2'), 0.52, 34, false],
  [tell('web.fan-motor'), 0.86, 24, false],
  [tell('web.compressor'), 0.86, 252, false],
  [tell('web.soft-starter'), 0.42, 286, true],
] as const;
