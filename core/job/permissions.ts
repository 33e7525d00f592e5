/** What a person is in the company. */
export const ROLES = ['owner', 'office', 'lead', 'helper'] as const;
export type Role = (typeof ROLES)[number];

/** Who may do what; the server and the screens read this one table. What is not listed every signed-in person may. */
export const MAY = {
  'add-job': ['owner', 'office', 'lead'],
  'edit-job': ['owner', 'office', 'lead'],
  'cancel-job': ['owner', 'office', 'lead'],
  'add-circuit': ['owner', 'office', 'lead'],
  'lead-job': ['owner', 'lead'],
  /** A whole job out of a file, with everybody who is named in it. */
  'bring-job': ['owner', 'office'],
  'edit-library': ['owner', 'office', 'lead'],
  'edit-settings': ['owner', 'office'],
  'keep-people': ['owner', 'office'],
  'keep-company': ['owner', 'office'],
  /** Nobody makes themselves more than they are. */
  'name-owner': ['owner'],
  'keep-cylinders': ['owner', 'office', 'lead'],
  'keep-instruments': ['owner', 'office', 'lead'],
  'hear-of-overfull-cylinders': ['owner', 'office'],
  'choose-scope': ['owner', 'office', 'lead'],
  'decline-must': ['owner', 'lead'],
  'release-removal': ['owner', 'lead'],
  'waive-picture': ['owner', 'office', 'lead'],
  override: ['owner', 'lead'],
  'accept-finding': ['owner', 'lead'],
  'sign-before': ['owner', 'office', 'lead'],
  'sign-work': ['owner', 'lead'],
  'type-vacuum-alone': ['owner', 'lead'],
  /** A plate that a signed scope carries is what the customer bought. */
  'change-agreed-plate': ['owner', 'lead'],
  amend: ['owner', 'lead'],
  /** Another person's word that a unit is dead protects that person's hands. */
  'withdraw-voltage-check': ['owner', 'lead'],
  'stop-run-of-another': ['owner', 'lead'],
  /** Who looked at what, and changed what. */
  'see-trail': ['owner', 'office'],
  /** The practice of the others: who leads sees what an apprentice can do. */
  'see-practice': ['owner', 'lead'],
} as const satisfies Record<string, readonly Role[]>;

export type Act = keyof typeof MAY;

export const may = (role: Role | undefined, act: Act): boolean =>
  role !== undefined && (MAY[act] as readonly Role[]).includes(role);
