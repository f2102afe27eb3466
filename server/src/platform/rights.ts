type Right = 'SELECT' | 'INSERT' | 'UPDATE' | 'DELETE';

const APPEND: Right[] = ['SELECT', 'INSERT'];
const EDIT: Right[] = ['SELECT', 'INSERT', 'UPDATE'];

/**
 * What the running server may do to each table, and no more: facts, verdicts and sealed records can be added and
 * read, never changed or taken away, whatever the server is talked into.
 */
export const RUNTIME_RIGHTS: Readonly<Record<string, readonly Right[]>> = {
  person: APPEND,
  session: ['SELECT', 'INSERT', 'DELETE'],
  pin_try: EDIT,
  accepted_write: APPEND,
  customer: EDIT,
  bike: EDIT,
  spec_sheet: APPEND,
  spec_sheet_revision: APPEND,
  gauge: EDIT,
  gauge_change: APPEND,
  wrench: EDIT,
  container: EDIT,
  store_change: APPEND,
  stock_line: APPEND,
  stock_move: APPEND,
  part_taken: APPEND,
  fluid_back: APPEND,
  waste: APPEND,
  waste_handed_over: APPEND,
  job: EDIT,
  job_symptom: ['SELECT', 'INSERT', 'DELETE'],
  job_change: APPEND,
  identification: APPEND,
  measurement: APPEND,
  reading: APPEND,
  look: APPEND,
  look_over: APPEND,
  photo: APPEND,
  fitting: APPEND,
  tightening: APPEND,
  pass_mark: APPEND,
  clamp_gaps: APPEND,
  told: APPEND,
  bike_tag: EDIT,
  plan_choice: APPEND,
  plan_step: APPEND,
  fill: APPEND,
  test: APPEND,
  verdict: APPEND,
  job_end: EDIT,
  shop_rules: APPEND,
  decision: APPEND,
  sealed_record: APPEND,
  counter: ['SELECT', 'UPDATE'],
};
