import type { LibraryFields } from '@/core/equipment/library-item';
import type { Choice } from './choice';
import type { KnownFacts } from './survey/facts';
import { type Piece, partsOf, traitsOf } from './survey/parts';

type Picked<Item> = {
  choice: Choice;
  outdoor: Item | null;
  indoor: Item | null;
  furnace: Item | null;
  heaterKit?: Item | null;
  thermostat?: Item | null;
};

/** The new pieces as they were picked, held to what the survey says is replaced. */
export type Chosen<Item = LibraryFields> = {
  choice: Choice;
  outdoor: Item | undefined;
  /** The coil or the air handler. */
  indoor: Item | undefined;
  furnace: Item | undefined;
  /** Electric heat in what is new indoors or in one cabinet. */
  heaterKit: Item | undefined;
  thermostat: Item | undefined;
  /** Pieces that are to be new and that nobody picked. */
  missing: Piece[];
};

/**
 * What is new on this system. Where the kind or the survey says which pieces are replaced, nothing else is: what was picked for another
 * piece stays picked and counts for nothing, and a coil that is not replaced stays. Where nobody said, what was picked is taken.
 */
export function chosenOf<Item extends LibraryFields>(known: KnownFacts, picked: Picked<Item>): Chosen<Item> {
  const parts = partsOf(known);
  const said = parts !== undefined && (typeof known.replaced === 'string' || !traitsOf(known).has('of-pieces'));
  const fresh = (...pieces: Piece[]): boolean => !said || pieces.some((p) => parts.fresh.has(p));
  const indoorIsNew = fresh('coil', 'air-handler');
  const outdoor = fresh('outdoor', 'package') ? (picked.outdoor ?? undefined) : undefined;
  // A furnace alone was once picked as the indoor unit.
  const asFurnace = picked.furnace ?? (picked.indoor?.kind === 'furnace' ? picked.indoor : null);
  const furnace = fresh('furnace') ? (asFurnace ?? undefined) : undefined;
  const indoor = indoorIsNew ? (picked.indoor ?? undefined) : undefined;
  const choice = said
    ? {
        ...picked.choice,
        outdoorId: outdoor ? picked.choice.outdoorId : null,
        indoorId: indoor ? picked.choice.indoorId : null,
        furnaceId: furnace ? picked.choice.furnaceId : null,
        keepCoil: !indoorIsNew && parts.there.has('outdoor'),
      }
    : picked.choice;
  const heaterKit = fresh('air-handler', 'package') ? (picked.heaterKit ?? undefined) : undefined;
  const thermostat = picked.thermostat ?? undefined;
  return { choice, outdoor, indoor, furnace, heaterKit, thermostat, missing: missing() };

  function missing(): Piece[] {
    if (!parts) return outdoor || indoor || furnace ? [] : ['outdoor'];
    const has: Record<Piece, unknown> = {
      outdoor,
      package: outdoor,
      coil: indoor,
      'air-handler': indoor,
      furnace,
    };
    const open = [...parts.fresh].filter((p) => has[p] === undefined);
    // Nobody said which of the two units stays: one of them is enough.
    return said || open.length === parts.fresh.size ? open : [];
  }
}
