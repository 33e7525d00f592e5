import { MOVEMENT_KINDS, type MovementKind } from '@/core/circuit/recovery/cylinder';
import { type DEEDS, isPlainDeed } from '@/core/job/deeds';
import { ENTRY_KINDS, type EntryKind, entryOf } from '@/core/phases/log/entries';
import { type Said, typed, value } from '@/core/words/said';
import { tell } from '@/web/words/tell';

const WORDS: Record<(typeof DEEDS)[number], Said> = {
  'accepted against advice': tell('web.deed-accepted-against-advice'),
  amended: tell('web.deed-amended'),
  'arrived late': tell('web.deed-arrived-late'),
  'circuit added': tell('web.deed-circuit-added'),
  'circuit removed': tell('web.deed-circuit-removed'),
  'company begun': tell('web.deed-company-begun'),
  'company changed': tell('web.deed-company-changed'),
  'confirmation withdrawn': tell('web.deed-confirmation-withdrawn'),
  confirmed: tell('web.deed-confirmed'),
  'customer answered': tell('web.deed-customer-answered'),
  'customer language chosen': tell('web.deed-customer-language-chosen'),
  'customers brought': tell('web.deed-customers-brought'),
  'cylinder added': tell('web.deed-cylinder-added'),
  'cylinder changed': tell('web.deed-cylinder-changed'),
  'equipment changed': tell('web.deed-equipment-changed'),
  'equipment from the scope': tell('web.deed-equipment-from-the-scope'),
  'fit sheet': tell('web.deed-fit-sheet'),
  'found on the day': tell('web.deed-found-on-the-day'),
  'furnace proof typed': tell('web.deed-furnace-proof-typed'),
  'gate overridden': tell('web.deed-gate-overridden'),
  'instrument added': tell('web.deed-instrument-added'),
  'instrument changed': tell('web.deed-instrument-changed'),
  'instrument command': tell('web.deed-instrument-command'),
  'cylinder checked in': tell('web.deed-cylinder-checked-in'),
  'cylinder checked out': tell('web.deed-cylinder-checked-out'),
  'instrument laid down': tell('web.deed-instrument-laid-down'),
  'instrument taken': tell('web.deed-instrument-taken'),
  'job brought in': tell('web.deed-job-brought-in'),
  'job cancelled': tell('web.deed-job-cancelled'),
  'job created': tell('web.deed-job-created'),
  'job edited': tell('web.deed-job-edited'),
  'job kept on a device': tell('web.deed-job-kept-on-a-device'),
  'job moved': tell('web.deed-job-moved'),
  'job reopened': tell('web.deed-job-reopened'),
  'job seen': tell('web.deed-job-seen'),
  'job taken out': tell('web.deed-job-taken-out'),
  'language chosen': tell('web.deed-language-chosen'),
  'late entry seen': tell('web.deed-late-entry-seen'),
  'library changed': tell('web.deed-library-changed'),
  'list taken out': tell('web.deed-list-taken-out'),
  'logo changed': tell('web.deed-logo-changed'),
  'logo taken off': tell('web.deed-logo-taken-off'),
  'mode set': tell('web.deed-mode-set'),
  'model patterns changed': tell('web.deed-model-patterns-changed'),
  'option taken': tell('web.deed-option-taken'),
  'page of the maker’s book kept': tell('web.deed-page-of-the-maker-s-book-kept'),
  'page of the maker’s book taken off': tell('web.deed-page-of-the-maker-s-book-taken-off'),
  'pairs changed': tell('web.deed-pairs-changed'),
  'paper taken out': tell('web.deed-paper-taken-out'),
  'parts changed': tell('web.deed-parts-changed'),
  'person added': tell('web.deed-person-added'),
  'person blocked': tell('web.deed-person-blocked'),
  'person changed': tell('web.deed-person-changed'),
  'person invited': tell('web.deed-person-invited'),
  'person let in again': tell('web.deed-person-let-in-again'),
  'phase signed': tell('web.deed-phase-signed'),
  'picture taken': tell('web.deed-picture-taken'),
  'picture waived': tell('web.deed-picture-waived'),
  'reading recorded': tell('web.deed-reading-recorded'),
  'readings typed': tell('web.deed-readings-typed'),
  'removal released': tell('web.deed-removal-released'),
  'round recorded': tell('web.deed-round-recorded'),
  'run resumed': tell('web.deed-run-resumed'),
  'run started': tell('web.deed-run-started'),
  'run stopped': tell('web.deed-run-stopped'),
  'scope chosen': tell('web.deed-scope-chosen'),
  'scope decided': tell('web.deed-scope-decided'),
  'scope line': tell('web.deed-scope-line'),
  'session revoked': tell('web.deed-session-revoked'),
  'settings changed': tell('web.deed-settings-changed'),
  'standing-vacuum test typed': tell('web.deed-standing-vacuum-test-typed'),
  surveyed: tell('web.deed-surveyed'),
  'told by hand': tell('web.deed-told-by-hand'),
  'weighing withdrawn': tell('web.deed-weighing-withdrawn'),
};

/** What a line of the trail says; a name of another version as it stands. */
export function deedWords(what: string): Said {
  if (isPlainDeed(what)) return WORDS[what];
  const entry = what.replace(/^circuit: /, '');
  if (entry !== what && (ENTRY_KINDS as readonly string[]).includes(entry))
    return tell('web.deed-wrote', { entry: entryOf(entry as EntryKind).title });
  const kind = what.replace(/^cylinder /, '');
  if (kind !== what && (MOVEMENT_KINDS as readonly string[]).includes(kind))
    return tell('web.deed-cylinder', { kind: value(kind as MovementKind) });
  return typed(what);
}
