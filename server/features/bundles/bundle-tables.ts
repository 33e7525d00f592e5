/**
 * What the file of a job holds, table by table: the names of its JSON and what each column is. `?` may be null; `person` is the id of
 * one of its people. Whose company it is and what the database counts for itself is never in it.
 */
export type Column =
  | 'id'
  | 'id?'
  | 'person'
  | 'person?'
  | 'text'
  | 'text?'
  | 'number'
  | 'number?'
  | 'flag'
  | 'moment'
  | 'moment?'
  | 'day'
  | 'day?'
  | 'json'
  | 'json?';
export type BundleTable = {
  /** The table of the database. */
  table: string;
  columns: Readonly<Record<string, Column>>;
  /** How its rows are found, by `:jobId` and `:companyId`; those named by others are found by their ids. */
  where: string;
  order: string;
  /** Rows that other jobs have too: one that is there already stays as it is. */
  shared?: true;
  /** Its rows belong to the job by this column, which is not in the file. */
  ofJob?: true;
};

const BY_JOB = 'company_id = :companyId and job_id = :jobId';
const SYSTEMS = `(select system_id from jobs where id = :jobId union select c.system_id from circuits c join job_circuits x on x.circuit_id = c.id where x.job_id = :jobId)`;
const own = (table: string, order: string, columns: BundleTable['columns']): BundleTable => ({
  table,
  columns,
  where: BY_JOB,
  order,
  ofJob: true,
});
const shared = (table: string, where: string, columns: BundleTable['columns']): BundleTable => ({
  table,
  columns,
  where: `company_id = :companyId and ${where}`,
  order: 'id',
  shared: true,
});
const NAMED = 'id in (:ids)';

/** In the order in which they are brought in: nothing names a row that comes after it. */
export const BUNDLE = {
  people: shared('people', NAMED, {
    id: 'id',
    full_name: 'text',
    role: 'text',
    certification: 'text',
    certificate_number: 'text?',
    certified_until: 'day?',
    language: 'text',
  }),
  customers: shared(
    'customers',
    `id in (select customer_id from sites where id in (select site_id from systems where id in ${SYSTEMS}))`,
    { id: 'id', name: 'text', phone: 'text?', language: 'text', version: 'number' },
  ),
  sites: shared('sites', `id in (select site_id from systems where id in ${SYSTEMS})`, {
    id: 'id',
    customer_id: 'id',
    address: 'text',
    town: 'text',
    elevation_ft: 'number',
    time_zone: 'text?',
    version: 'number',
  }),
  systems: shared('systems', `id in ${SYSTEMS}`, {
    id: 'id',
    site_id: 'id',
    name: 'text',
    kind: 'text',
    version: 'number',
  }),
  equipment: shared(
    'equipment',
    `id in (select equipment_id from measurements where job_id = :jobId union select c.equipment_id from circuits c join job_circuits x on x.circuit_id = c.id where x.job_id = :jobId union select c.equipment_id from circuits c join jobs j on j.circuit_id = c.id where j.id = :jobId)`,
    { id: 'id', system_id: 'id', kind: 'text', maker: 'text?', model: 'text?', serial: 'text?', version: 'number' },
  ),
  circuits: shared(
    'circuits',
    `id in (select circuit_id from job_circuits where job_id = :jobId union select circuit_id from jobs where id = :jobId)`,
    {
      id: 'id',
      system_id: 'id',
      equipment_id: 'id',
      name: 'text',
      refrigerant: 'text?',
      metering: 'text?',
      nominal_tons: 'number?',
      plate: 'json?',
      version: 'number',
    },
  ),
  library: shared('library_items', NAMED, {
    id: 'id',
    kind: 'text',
    maker: 'text',
    model: 'text',
    tons: 'number?',
    refrigerant: 'text?',
    fields: 'json',
    version: 'number',
    updated_at: 'moment',
  }),
  cylinders: shared('cylinders', NAMED, {
    id: 'id',
    tag: 'text',
    used_for: 'text',
    refrigerant: 'text?',
    water_capacity_lb: 'number',
    tare_oz: 'number',
    rating_psig: 'number',
    retest_on: 'day?',
    disposable: 'flag',
    flammable_mark: 'flag',
    dip_tube: 'flag',
    state: 'text',
    version: 'number',
  }),
  job: {
    table: 'jobs',
    where: 'company_id = :companyId and id = :jobId',
    order: 'id',
    columns: {
      id: 'id',
      number: 'number',
      system_id: 'id',
      circuit_id: 'id',
      lead_id: 'person',
      scheduled_for: 'day',
      mode: 'text',
      created_at: 'moment',
      version: 'number',
      cancelled_at: 'moment?',
      cancelled_by: 'person?',
      cancel_reason: 'text?',
    },
  },
  circuitsOfJob: own('job_circuits', 'ord', { circuit_id: 'id', ord: 'number' }),
  records: own('phase_records', 'phase, owner_id', {
    owner_id: 'id',
    phase: 'text',
    record: 'json',
    version: 'number',
    updated_by: 'person',
    updated_at: 'moment',
  }),
  pictures: own('photos', 'taken_at, id', {
    id: 'id',
    system_id: 'id?',
    subject: 'text',
    caption: 'text?',
    width_px: 'number',
    height_px: 'number',
    bytes: 'number',
    content_hash: 'text',
    person_id: 'person',
    taken_at: 'moment',
  }),
  observations: own('observations', 'seq', {
    id: 'id',
    system_id: 'id?',
    fact: 'text',
    value: 'json?',
    unit: 'text',
    method: 'text',
    source: 'text',
    confidence: 'text',
    note: 'text?',
    photo_id: 'id?',
    found_on_the_day: 'flag',
    person_id: 'person',
    occurred_at: 'moment',
    received_at: 'moment',
  }),
  waivers: own('before_waivers', 'created_at, id', {
    id: 'id',
    system_id: 'id',
    item: 'text',
    reason: 'text',
    person_id: 'person',
    created_at: 'moment',
  }),
  decisions: own('scope_decisions', 'seq', {
    id: 'id',
    system_id: 'id',
    item: 'text',
    decision: 'text',
    reason: 'text?',
    person_id: 'person',
    created_at: 'moment',
  }),
  lines: own('scope_lines', 'seq', {
    id: 'id',
    system_id: 'id',
    say: 'text',
    hours: 'number',
    materials: 'number',
    person_id: 'person',
    created_at: 'moment',
  }),
  customerSignatures: own('customer_signatures', 'seq', {
    id: 'id',
    system_id: 'id',
    subject: 'text',
    answer: 'text',
    reason: 'text?',
    text_signed: 'text',
    text_hash: 'text',
    said: 'json?',
    language: 'text',
    customer: 'text',
    ink: 'text?',
    items: 'json?',
    terms: 'json?',
    witness_id: 'person',
    signed_at: 'moment',
  }),
  fitSheets: own('fit_sheets', 'kind, system_id', {
    system_id: 'id',
    kind: 'text',
    record: 'json',
    measured: 'json',
    version: 'number',
    updated_by: 'person',
    updated_at: 'moment',
  }),
  entries: own('circuit_entries', 'seq', {
    id: 'id',
    circuit_id: 'id',
    phase: 'text',
    kind: 'text',
    body: 'json',
    body_hash: 'text',
    source: 'text',
    supersedes_id: 'id?',
    person_id: 'person',
    occurred_at: 'moment',
    received_at: 'moment',
  }),
  overrides: own('overrides', 'created_at, id', {
    id: 'id',
    owner_id: 'id',
    phase: 'text',
    gate: 'text',
    reason: 'text',
    after_entry_id: 'id?',
    person_id: 'person',
    created_at: 'moment',
  }),
  acceptances: own('acceptances', 'seq', {
    id: 'id',
    circuit_id: 'id',
    finding: 'text',
    said: 'json',
    text_signed: 'text',
    language: 'text',
    reason: 'text',
    customer: 'text',
    ink: 'text',
    person_id: 'person',
    created_at: 'moment',
  }),
  movements: own('cylinder_movements', 'seq', {
    id: 'id',
    cylinder_id: 'id',
    kind: 'text',
    oz: 'number',
    gross_oz: 'number?',
    refrigerant: 'text?',
    person_id: 'person',
    certificate: 'text?',
    source: 'text',
    recipient: 'text?',
    note: 'text?',
    occurred_at: 'moment',
    received_at: 'moment',
  }),
  runs: own('runs', 'started_at, id', {
    id: 'id',
    circuit_id: 'id',
    phase: 'text',
    source: 'text',
    speed: 'number',
    state: 'text',
    started_by: 'person',
    certified_id: 'person?',
    started_at: 'moment',
    ended_at: 'moment?',
    on_device: 'flag',
  }),
  rigs: own('rigs', 'circuit_id, bench', { circuit_id: 'id', bench: 'text', config: 'json', state: 'json' }),
  measurements: own('measurements', 'received_at, id', {
    id: 'id',
    equipment_id: 'id',
    circuit_id: 'id',
    phase: 'text',
    mode: 'text',
    stage: 'text',
    set_id: 'id',
    quantity: 'text',
    value: 'number',
    uncertainty: 'number',
    location: 'text',
    gauge_reference: 'text?',
    barometer_psia: 'number?',
    source: 'text',
    instrument: 'text',
    person_id: 'person',
    run_id: 'id?',
    run_seconds: 'number?',
    detail: 'json?',
    supersedes_id: 'id?',
    occurred_at: 'moment',
    received_at: 'moment',
  }),
  signOffs: own('sign_offs', 'signed_at, id', {
    id: 'id',
    owner_id: 'id',
    phase: 'text',
    person_id: 'person',
    signed_at: 'moment',
    arrived_at: 'moment?',
    snapshot: 'json',
    content_hash: 'text',
  }),
  amendments: {
    table: 'amendments',
    where: 'company_id = :companyId and sign_off_id in (select id from sign_offs where job_id = :jobId)',
    order: 'created_at, id',
    columns: { id: 'id', sign_off_id: 'id', person_id: 'person', note: 'text', created_at: 'moment' },
  },
  late: own('late_entries', 'arrived_at, id', {
    id: 'id',
    circuit_id: 'id',
    sign_off_id: 'id',
    what: 'text',
    body: 'json',
    body_hash: 'text',
    person_id: 'person',
    written_at: 'moment',
    arrived_at: 'moment',
    seen_by: 'person?',
    seen_at: 'moment?',
  }),
  audit: own('audit', 'id', { person_id: 'person?', what: 'text', detail: 'json', at: 'moment' }),
} as const satisfies Record<string, BundleTable>;
export type BundlePart = keyof typeof BUNDLE;
export const BUNDLE_PARTS = Object.keys(BUNDLE) as BundlePart[];
export const bundleTable = (part: BundlePart): BundleTable => BUNDLE[part];
