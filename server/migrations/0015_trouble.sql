-- What the shop's own outcomes say of causes and signs: counted as they are signed, by how often the counts were begun anew.
CREATE TABLE IF NOT EXISTS trouble_count (
  counting INT UNSIGNED NOT NULL,
  cause VARCHAR(32) NOT NULL,
  sign VARCHAR(32) NOT NULL,
  looked INT UNSIGNED NOT NULL,
  seen INT UNSIGNED NOT NULL,
  PRIMARY KEY (counting, cause, sign),
  CHECK (seen <= looked)
);

-- Whether a rider's complaint asks for a check at an end; what was in hand before says so with its next entry.
ALTER TABLE job_end ADD COLUMN IF NOT EXISTS check_open BOOLEAN NOT NULL DEFAULT FALSE;
