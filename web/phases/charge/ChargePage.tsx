import { markedOn } from '@/core/job/marked';
import { isSigned } from '@/core/job/sheet';
import { type BuildUp, buildUpOf } from '@/core/phases/charge/charge-sheet';
import { Button } from '@/web/kit/Button';
import { CertifiedBy } from '@/web/kit/CertifiedBy';
import { Trouble } from '@/web/kit/Notice';
import { JobFrame } from '@/web/shell/JobFrame';
import { t, tell } from '@/web/words/tell';
import { EntrySheet } from '../circuit/EntrySheet';
import type { EquippedView } from '../job-context';
import { MovementLog } from '../MovementLog';
import { NextMove } from '../NextMove';
import { BuildUpPicture } from './BuildUpPicture';
import { ChargeHead } from './ChargeHead';
import { ChargeNotices } from './ChargeNotices';
import { ChargeSide } from './ChargeSide';
import { NoBuildUp } from './NoBuildUp';
import { ScaleSheet } from './ScaleSheet';
import { TypedMovement } from './TypedMovement';
import { useCharge } from './use-charge';
import { VacuumForm } from './VacuumForm';

export default function ChargePage(view: EquippedView) {
  const build = buildUpOf(view.sheet);
  return build.ok ? <ChargeBench view={view} build={build.value} /> : <NoBuildUp view={view} refused={build.refused} />;
}

function ChargeBench({ view, build }: { view: EquippedView; build: BuildUp }) {
  const { sheet } = view;
  const c = useCharge(view, build);
  const signed = isSigned(sheet, 'charge');
  /** Without a scale that streams the weights are typed; the simulated one stands beside, for practice. */
  const asked = c.next.button?.action;
  const weighing = asked && (asked.kind === 'weigh-in' || asked.kind === 'recover') ? asked : undefined;
  const side = (
    <ChargeSide
      view={view}
      build={build}
      state={c.judged.state}
      checks={c.checks}
      gates={c.gates}
      label={c.label}
      onOpen={c.setSheetOpen}
      onEntry={c.setEntry}
    />
  );
  const next = (
    <NextMove move={c.next} busy={c.busy} press={c.press}>
      {weighing && !c.scaleRun ? (
        <Button disabled={c.busy} onClick={() => void c.act(() => c.move(weighing))}>
          {t('web.oz-simulated-scale', {
            kind: tell(weighing.kind === 'weigh-in' ? 'web.weigh-in' : 'web.recover'),
            oz: weighing.oz.toFixed(1),
          })}
        </Button>
      ) : null}
    </NextMove>
  );
  const closeSheet = (): void => c.setSheetOpen(undefined);
  return (
    <JobFrame sheet={sheet} active="charge" marked={markedOn(sheet, 'charge', c.scaleRun)} side={side} next={next}>
      <div className="px-4 py-3.5 lg:px-5">
        <ChargeHead view={view} finding={c.judged.finding} />
        <div className="mt-4">
          <BuildUpPicture
            build={withTrim(build, c.trimOz)}
            state={{ ...c.judged.state, inSystemOz: c.judged.state.inSystemOz + c.trimOz }}
            moving={!!c.live}
          />
        </div>
        <div className="mt-4 grid gap-2.5">
          {!signed && c.scaleRun ? <CertifiedBy /> : null}
          <Trouble problem={c.problem} />
          <ChargeNotices view={view} build={build} signed={signed} />
          <MovementLog view={view} />
        </div>
      </div>
      {c.entry ? <EntrySheet key={c.entry} view={view} kind={c.entry} onClose={() => c.setEntry(undefined)} /> : null}
      {c.sheetOpen === 'vacuum' ? <VacuumForm view={view} onClose={closeSheet} /> : null}
      {c.sheetOpen === 'scale' ? <ScaleSheet view={view} onClose={closeSheet} /> : null}
      {c.sheetOpen === 'typed' ? <TypedMovement view={view} phase="charge" onClose={closeSheet} /> : null}
    </JobFrame>
  );
}

/** What start-up added or took back stands on the build-up as its own part. */
function withTrim(build: BuildUp, trimOz: number): BuildUp {
  if (Math.abs(trimOz) < 0.05) return build;
  const how = tell('web.by-superheat-or-subcooling');
  return {
    ...build,
    totalOz: build.totalOz + trimOz,
    parts: [...build.parts, { id: 'trim', label: tell('web.trim-at-start-up'), oz: trimOz, how }],
  };
}
