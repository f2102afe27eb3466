-- Wrenches that show what they reached, on the feed, and changed in the register.
ALTER TABLE wrench
  ADD kind ENUM('click', 'reading') NOT NULL DEFAULT 'click',
  ADD feed_serial VARCHAR(24) NULL,
  ADD retired BOOLEAN NOT NULL DEFAULT FALSE,
  ADD version INT UNSIGNED NOT NULL DEFAULT 1,
  ADD UNIQUE KEY wrench_on_feed (feed_serial);
ALTER TABLE container
  ADD version INT UNSIGNED NOT NULL DEFAULT 1;

-- Who changed what of a wrench or a container, from what, to what.
CREATE TABLE store_change (
  id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  what ENUM('wrench', 'container') NOT NULL,
  thing_id UUID NOT NULL,
  version INT UNSIGNED NOT NULL,
  was LONGTEXT NOT NULL CHECK (JSON_VALID(was)),
  became LONGTEXT NOT NULL CHECK (JSON_VALID(became)),
  changed_at DATETIME(3) NOT NULL,
  changed_by UUID NOT NULL,
  UNIQUE KEY one_store_change (what, thing_id, version),
  FOREIGN KEY (changed_by) REFERENCES person (id)
);

-- Every fastener of a brake, through a crowfoot, by what a reading wrench showed.
ALTER TABLE tightening
  MODIFY fastener VARCHAR(24) NOT NULL,
  MODIFY treatment VARCHAR(24) NOT NULL,
  ADD treatment_asked VARCHAR(24) NULL,
  ADD asked_source VARCHAR(120) NOT NULL DEFAULT '',
  ADD wrench_kind ENUM('click', 'reading') NOT NULL DEFAULT 'click',
  ADD crowfoot LONGTEXT NULL CHECK (JSON_VALID(crowfoot));
UPDATE tightening SET treatment_asked = treatment;
ALTER TABLE tightening MODIFY treatment_asked VARCHAR(24) NOT NULL;
ALTER TABLE pass_mark
  ADD measured_nm DECIMAL(6, 3) NULL CHECK (measured_nm > 0),
  ADD via ENUM('keys', 'feed') NOT NULL DEFAULT 'keys';
CREATE TABLE clamp_gaps (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  tightening_id UUID NOT NULL,
  one_mm DECIMAL(6, 3) NOT NULL,
  other_mm DECIMAL(6, 3) NOT NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY clamp_gaps_of (tightening_id, seq),
  FOREIGN KEY (tightening_id) REFERENCES tightening (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

-- The shelf: what came in, and what jobs took.
CREATE TABLE stock_line (
  id UUID NOT NULL PRIMARY KEY,
  part VARCHAR(24) NOT NULL,
  description VARCHAR(80) NOT NULL,
  fits VARCHAR(60) NOT NULL,
  reorder_at SMALLINT UNSIGNED NOT NULL,
  price_cents INT UNSIGNED NOT NULL,
  UNIQUE KEY one_description (part, description)
);
CREATE TABLE stock_move (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  stock_id UUID NOT NULL,
  pieces SMALLINT NOT NULL CHECK (pieces <> 0),
  batch VARCHAR(40) NOT NULL,
  why VARCHAR(120) NOT NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY stock_move_of (stock_id, seq),
  FOREIGN KEY (stock_id) REFERENCES stock_line (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);
CREATE TABLE part_taken (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  job_id UUID NOT NULL,
  brake_end ENUM('front', 'rear') NOT NULL,
  stock_id UUID NOT NULL,
  pieces TINYINT UNSIGNED NOT NULL CHECK (pieces > 0),
  batch VARCHAR(40) NOT NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY part_taken_of (job_id, seq),
  KEY part_taken_from (stock_id, batch),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (stock_id) REFERENCES stock_line (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

-- Clean fluid poured back, and drained fluid in the waste cans.
CREATE TABLE fluid_back (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  fill_id UUID NOT NULL,
  ml DECIMAL(8, 2) NOT NULL CHECK (ml > 0),
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY fluid_back_of (fill_id),
  FOREIGN KEY (fill_id) REFERENCES fill (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);
CREATE TABLE waste (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  job_id UUID NOT NULL,
  brake_end ENUM('front', 'rear') NOT NULL,
  family ENUM('glycol', 'silicone', 'mineral') NOT NULL,
  ml DECIMAL(8, 2) NOT NULL CHECK (ml > 0),
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY waste_of (job_id, seq),
  KEY waste_in (family, seq),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);
CREATE TABLE waste_handed_over (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  family ENUM('glycol', 'silicone', 'mineral') NOT NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  FOREIGN KEY (by_person) REFERENCES person (id)
);

-- What is told and stands by itself: cycles of a bleed, ticks by name, deviations, pulls, answers. Nothing else is counted by it.
CREATE TABLE told (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  job_id UUID NOT NULL,
  kind VARCHAR(24) NOT NULL,
  body LONGTEXT NOT NULL CHECK (JSON_VALID(body)),
  takes_back UUID NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  UNIQUE KEY taken_back_once (takes_back),
  KEY told_of (job_id, seq),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (takes_back) REFERENCES told (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

-- A do-not-ride stays on the bike until work or a later look at the same thing lifts it.
CREATE TABLE bike_tag (
  id UUID NOT NULL PRIMARY KEY,
  bike_id UUID NOT NULL,
  job_id UUID NOT NULL,
  brake_end ENUM('front', 'rear') NOT NULL,
  subject VARCHAR(20) NOT NULL,
  found LONGTEXT NOT NULL CHECK (JSON_VALID(found)),
  raised_at DATETIME(3) NOT NULL,
  lifted_at DATETIME(3) NULL,
  lifted_by_job UUID NULL,
  KEY bike_tag_of (bike_id, lifted_at),
  FOREIGN KEY (bike_id) REFERENCES bike (id),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (lifted_by_job) REFERENCES job (id)
);

-- Amendments hang in the same chain as the record they correct.
ALTER TABLE sealed_record
  ADD nth TINYINT UNSIGNED NOT NULL DEFAULT 0,
  ADD UNIQUE KEY nth_of_job (job_id, nth);
ALTER TABLE sealed_record DROP KEY one_seal_a_job;

-- A step done by a slip of the hand is taken back by another row.
ALTER TABLE plan_step MODIFY outcome ENUM('done', 'skipped', 'taken-back') NOT NULL;

-- Whether planned work is open at an end, for the Bench's list.
ALTER TABLE job_end ADD plan_open BOOLEAN NOT NULL DEFAULT FALSE;

-- Values that sheets and rules did not have before.
UPDATE spec_sheet_revision SET body = JSON_INSERT(body, '$.brake.pistonLubricant', NULL);
UPDATE shop_rules SET rules = JSON_INSERT(rules, '$.beddingIn', 'ten-pulls', '$.pistonLubricant', 'own-fluid');
