/** That nobody took back the entry `e` of a query, on its job. */
export const NOT_TAKEN_BACK = `NOT EXISTS (SELECT 1 FROM entry b WHERE b.job_id = e.job_id AND b.kind = 'taken-back'
  AND JSON_VALUE(b.body, '$.of') = CAST(e.id AS CHAR))`;
