import type { Finding } from '@/core/finding/finding';
import { list, type Said, typed } from '@/core/words/said';
import { tell } from './words';

/** A look-again that stays as it is: the lead gave the reason, the customer read it with the advice and signed. */
export type Acceptance = {
  id: string;
  /** The finding by its id; its figures may move with the next reading. */
  finding: string;
  said: Said;
  reason: string;
  customer: string;
  by: string;
  at: string;
};

/** Findings of the setting and of the wiring go by these, and stand for the whole system; those of the start-up by their own id. */
export const SET_FINDING = 'set:';
export const WIRE_FINDING = 'wire:';
export type AcceptedIn = 'set' | 'wire' | 'start-up';
/** The phase whose finding is accepted. */
export const acceptedIn = ({ finding }: Pick<Acceptance, 'finding'>): AcceptedIn =>
  finding.startsWith(SET_FINDING) ? 'set' : finding.startsWith(WIRE_FINDING) ? 'wire' : 'start-up';

/** Findings that may be accepted: a look-again, never a stop, never what nobody proved, never what is owed to the season. */
export const acceptable = (findings: readonly Finding[]): Finding[] =>
  findings.filter((f) => f.verdict === 'look-again' && !f.owed && f.step !== 'steady' && f.id !== 'enclosure');

/** The words that the customer signs under: what was found, what is advised, why it stays. */
export const acceptanceWords = (finding: Finding, reason: string): Said =>
  tell('job.lines', {
    lines: list(
      [
        finding.claim,
        finding.because,
        ...(finding.next ? [tell('job.advised', { advice: finding.next.say })] : []),
        tell('job.left-as-it-is-because', { reason: typed(reason) }),
        tell('job.maker-may-refuse-warranty-for-it'),
      ],
      '\n',
    ),
  });

/** The same as a customer read it, where only the text is at hand. */
export const asRead = (text: string): Said => tell('job.lines', { lines: list(text.split('\n'), '\n') });
