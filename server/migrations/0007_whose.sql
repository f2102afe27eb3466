-- A PIN tried wrongly from the session of somebody else is told to whom it belongs.
CREATE TABLE pin_try (
  id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  person_id UUID NOT NULL,
  by_person UUID NOT NULL,
  at DATETIME(3) NOT NULL,
  seen_at DATETIME(3) NULL,
  KEY pin_try_at (person_id, seen_at),
  FOREIGN KEY (person_id) REFERENCES person (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

-- Two people may correct one reading: both corrections are kept.
ALTER TABLE reading ADD KEY replaced_by (replaces), DROP KEY replaced_once;

-- A record may be amended more than 255 times.
ALTER TABLE sealed_record MODIFY nth INT UNSIGNED NOT NULL DEFAULT 0;
