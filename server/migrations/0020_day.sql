-- Which mechanic works at which job on which day, and in which order.
CREATE TABLE IF NOT EXISTS booking (
  job_id UUID NOT NULL PRIMARY KEY,
  day DATE NOT NULL,
  person_id UUID NOT NULL,
  place SMALLINT UNSIGNED NOT NULL,
  KEY booking_by_day (day, person_id, place),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (person_id) REFERENCES person (id)
);
