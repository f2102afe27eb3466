CREATE TABLE job (
  id UUID NOT NULL PRIMARY KEY,
  tag INT UNSIGNED NOT NULL,
  bike_id UUID NOT NULL,
  complaint VARCHAR(500) NOT NULL,
  status ENUM('open', 'sealed') NOT NULL,
  front_lever ENUM('left', 'right') NULL,
  odometer_km INT UNSIGNED NULL,
  promised_at DATETIME(3) NOT NULL,
  minutes SMALLINT UNSIGNED NULL,
  checked_in_at DATETIME(3) NOT NULL,
  checked_in_by UUID NOT NULL,
  version INT UNSIGNED NOT NULL DEFAULT 1,
  -- Counts everything written to the job: an answer that was overtaken on its way is known by it.
  revision INT UNSIGNED NOT NULL DEFAULT 1,
  UNIQUE KEY job_tag (tag),
  KEY bench (status, promised_at, id),
  KEY job_by_bike (bike_id, tag),
  FOREIGN KEY (bike_id) REFERENCES bike (id),
  FOREIGN KEY (checked_in_by) REFERENCES person (id)
);

CREATE TABLE job_symptom (
  job_id UUID NOT NULL,
  symptom VARCHAR(20) NOT NULL,
  PRIMARY KEY (job_id, symptom),
  FOREIGN KEY (job_id) REFERENCES job (id)
);

-- Who changed what was taken down at check-in, from what, to what.
CREATE TABLE job_change (
  id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  job_id UUID NOT NULL,
  version INT UNSIGNED NOT NULL,
  was LONGTEXT NOT NULL CHECK (JSON_VALID(was)),
  became LONGTEXT NOT NULL CHECK (JSON_VALID(became)),
  changed_at DATETIME(3) NOT NULL,
  changed_by UUID NOT NULL,
  UNIQUE KEY one_change (job_id, version),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (changed_by) REFERENCES person (id)
);

-- Facts, each a row that is never changed; `seq` is that of the write it came by.
CREATE TABLE identification (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  job_id UUID NOT NULL,
  brake_end ENUM('front', 'rear') NOT NULL,
  sheet_revision_id UUID NOT NULL,
  stamped_limit_mm DECIMAL(6, 3) NULL CHECK (stamped_limit_mm > 0),
  stamped_at_is_worn BOOLEAN NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY identification_of (job_id, brake_end, seq),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (sheet_revision_id) REFERENCES spec_sheet_revision (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

-- The gauge is kept as it stood at the time: a later certificate does not rewrite an old reading.
CREATE TABLE measurement (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  job_id UUID NOT NULL,
  brake_end ENUM('front', 'rear') NOT NULL,
  part ENUM('rotor', 'pads') NOT NULL,
  gauge_id UUID NOT NULL,
  resolution_mm DECIMAL(6, 3) NOT NULL,
  uncertainty_mm DECIMAL(6, 3) NOT NULL,
  anvils ENUM('point', 'flat') NOT NULL,
  calibration_due_on DATE NULL,
  basis ENUM('total', 'friction') NULL,
  point_count TINYINT UNSIGNED NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY measurement_of (job_id, brake_end, part, seq),
  CHECK ((part = 'rotor') = (point_count IS NOT NULL)),
  CHECK ((part = 'pads') = (basis IS NOT NULL)),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (gauge_id) REFERENCES gauge (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

CREATE TABLE reading (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  measurement_id UUID NOT NULL,
  place VARCHAR(16) NOT NULL,
  value_mm DECIMAL(8, 3) NOT NULL,
  typed VARCHAR(12) NOT NULL,
  replaces UUID NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  UNIQUE KEY replaced_once (replaces),
  KEY reading_of (measurement_id, seq),
  FOREIGN KEY (measurement_id) REFERENCES measurement (id),
  FOREIGN KEY (replaces) REFERENCES reading (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

CREATE TABLE look (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  measurement_id UUID NOT NULL,
  subject VARCHAR(24) NOT NULL,
  seen BOOLEAN NOT NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY look_of (measurement_id, seq),
  FOREIGN KEY (measurement_id) REFERENCES measurement (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

CREATE TABLE fitting (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  job_id UUID NOT NULL,
  brake_end ENUM('front', 'rear') NOT NULL,
  part ENUM('rotor', 'pads') NOT NULL,
  description VARCHAR(120) NOT NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY fitting_of (job_id, seq),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

CREATE TABLE tightening (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  job_id UUID NOT NULL,
  brake_end ENUM('front', 'rear') NOT NULL,
  fastener ENUM('rotor-bolts', 'rotor-lockring') NOT NULL,
  bolt_count TINYINT UNSIGNED NOT NULL,
  lo_nm DECIMAL(6, 3) NOT NULL,
  hi_nm DECIMAL(6, 3) NOT NULL,
  named_nm DECIMAL(6, 3) NULL,
  origin ENUM('stamped', 'sheet', 'shop') NOT NULL,
  tag ENUM('S', 'P', 'M', 'D') NULL,
  wrench_id UUID NOT NULL,
  max_nm DECIMAL(6, 3) NOT NULL,
  mark_nm DECIMAL(6, 3) NOT NULL,
  tolerance DECIMAL(5, 4) NOT NULL,
  calibration_due_on DATE NULL,
  uses_before INT UNSIGNED NOT NULL,
  set_nm DECIMAL(6, 3) NOT NULL CHECK (set_nm > 0),
  treatment ENUM('new-coated', 'medium-threadlocker', 'anti-seize', 'grease', 'dry') NOT NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY tightening_of (job_id, seq),
  CHECK (lo_nm <= hi_nm),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (wrench_id) REFERENCES wrench (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

CREATE TABLE pass_mark (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  tightening_id UUID NOT NULL,
  pass ENUM('snug', 'half', 'full', 'verify') NOT NULL,
  bolt TINYINT UNSIGNED NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY pass_mark_of (tightening_id, seq),
  FOREIGN KEY (tightening_id) REFERENCES tightening (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

CREATE TABLE fill (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  job_id UUID NOT NULL,
  brake_end ENUM('front', 'rear') NOT NULL,
  container_id UUID NOT NULL,
  ml DECIMAL(8, 2) NOT NULL CHECK (ml > 0),
  colour VARCHAR(40) NOT NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY fill_of (job_id, seq),
  KEY fill_from (container_id),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (container_id) REFERENCES container (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

CREATE TABLE test (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  job_id UUID NOT NULL,
  test ENUM('lever-side', 'lever-feel', 'cut-off') NOT NULL,
  brake_end ENUM('front', 'rear') NULL,
  outcome ENUM('passed', 'failed') NOT NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY test_of (job_id, seq),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

-- Judgements, derived from the facts. A changed one is a new row; the standing one is pointed at.
CREATE TABLE verdict (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL AUTO_INCREMENT UNIQUE,
  measurement_id UUID NOT NULL,
  word ENUM('holds', 'watch', 'unproven', 'replace') NULL,
  judgement LONGTEXT NOT NULL CHECK (JSON_VALID(judgement)),
  sheet_revision_id UUID NOT NULL,
  rule VARCHAR(20) NOT NULL,
  least_mm DECIMAL(6, 3) NULL,
  doubt_mm DECIMAL(6, 3) NULL,
  limit_mm DECIMAL(6, 3) NULL,
  upper_bound BOOLEAN NOT NULL,
  at DATETIME(3) NOT NULL,
  KEY verdict_of (measurement_id, seq),
  FOREIGN KEY (measurement_id) REFERENCES measurement (id),
  FOREIGN KEY (sheet_revision_id) REFERENCES spec_sheet_revision (id)
);

CREATE TABLE standing_verdict (
  job_id UUID NOT NULL,
  brake_end ENUM('front', 'rear') NOT NULL,
  part ENUM('rotor', 'pads') NOT NULL,
  verdict_id UUID NOT NULL,
  PRIMARY KEY (job_id, brake_end, part),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (verdict_id) REFERENCES verdict (id)
);

CREATE TABLE decision (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  job_id UUID NOT NULL,
  brake_end ENUM('front', 'rear') NOT NULL,
  part ENUM('rotor', 'pads') NOT NULL,
  verdict_id UUID NOT NULL,
  decision ENUM('accepted-unproven', 'customer-refused') NOT NULL,
  words VARCHAR(300) NOT NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY decision_of (job_id, seq),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (verdict_id) REFERENCES verdict (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

-- The ledger: sealed records in a chain. The runtime user may add to it and read it, no more.
CREATE TABLE sealed_record (
  id UUID NOT NULL PRIMARY KEY,
  number INT UNSIGNED NOT NULL,
  job_id UUID NOT NULL,
  canonical LONGTEXT NOT NULL,
  seal CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  prev CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NULL,
  sealed_at DATETIME(3) NOT NULL,
  sealed_by UUID NOT NULL,
  UNIQUE KEY one_number (number),
  UNIQUE KEY one_seal_a_job (job_id),
  UNIQUE KEY one_successor (prev),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (sealed_by) REFERENCES person (id)
);

-- One row, locked by whoever seals or numbers: seals and tags are given out one at a time.
CREATE TABLE counter (
  one TINYINT UNSIGNED NOT NULL PRIMARY KEY CHECK (one = 1),
  last_tag INT UNSIGNED NOT NULL,
  last_record INT UNSIGNED NOT NULL,
  head CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NULL
);
INSERT INTO counter (one, last_tag, last_record, head) VALUES (1, 400, 0, NULL);
