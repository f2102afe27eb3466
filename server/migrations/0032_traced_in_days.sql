-- What a thing did in some days lies together: what it did in all the years is not gone through for them.
CREATE INDEX IF NOT EXISTS measured_on ON measurement (gauge_id, at, job_id);
CREATE INDEX IF NOT EXISTS tightened_on ON tightening (wrench_id, at, job_id);
CREATE INDEX IF NOT EXISTS filled_on ON fill (container_id, at, job_id);
