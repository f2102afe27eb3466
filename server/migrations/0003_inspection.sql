-- What is measured at one end beyond rotor and pads, and by which gauges.
ALTER TABLE gauge
  MODIFY kind ENUM('outside-micrometer', 'thickness-gauge', 'digital-caliper', 'vernier-caliper', 'dial-indicator',
                   'feeler-gauges', 'rule') NOT NULL,
  ADD feed_serial VARCHAR(24) NULL,
  ADD retired BOOLEAN NOT NULL DEFAULT FALSE,
  ADD version INT UNSIGNED NOT NULL DEFAULT 1,
  ADD UNIQUE KEY gauge_on_feed (feed_serial);

-- Who changed what of a gauge, from what, to what.
CREATE TABLE gauge_change (
  id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
  gauge_id UUID NOT NULL,
  version INT UNSIGNED NOT NULL,
  was LONGTEXT NOT NULL CHECK (JSON_VALID(was)),
  became LONGTEXT NOT NULL CHECK (JSON_VALID(became)),
  changed_at DATETIME(3) NOT NULL,
  changed_by UUID NOT NULL,
  UNIQUE KEY one_gauge_change (gauge_id, version),
  FOREIGN KEY (gauge_id) REFERENCES gauge (id),
  FOREIGN KEY (changed_by) REFERENCES person (id)
);

ALTER TABLE measurement
  DROP CONSTRAINT CONSTRAINT_1,
  DROP CONSTRAINT CONSTRAINT_2,
  MODIFY part ENUM('rotor', 'pads', 'runout', 'clearance', 'lever', 'mount-face') NOT NULL,
  MODIFY basis ENUM('total', 'friction', 'travel', 'from-bar') NULL,
  ADD CONSTRAINT points_fit CHECK ((part IN ('rotor', 'runout')) = (point_count IS NOT NULL)),
  ADD CONSTRAINT basis_fits CHECK (
    CASE part
      WHEN 'pads' THEN basis IN ('total', 'friction')
      WHEN 'lever' THEN basis IN ('travel', 'from-bar')
      ELSE basis IS NULL
    END);

ALTER TABLE reading ADD via ENUM('keys', 'feed') NOT NULL DEFAULT 'keys';

-- One area of one end looked over, with all that was found there.
CREATE TABLE look_over (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  job_id UUID NOT NULL,
  brake_end ENUM('front', 'rear') NOT NULL,
  area ENUM('rotor', 'pads', 'caliper', 'leaks', 'hose', 'cable', 'fluid', 'lever', 'bolts', 'mount') NOT NULL,
  found LONGTEXT NOT NULL CHECK (JSON_VALID(found)),
  words VARCHAR(300) NOT NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY look_over_of (job_id, seq),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

-- What is known of a fitted part by itself, apart from the brake's sheet.
ALTER TABLE fitting
  ADD fitted_as ENUM('found', 'new', 'used') NOT NULL DEFAULT 'new',
  ADD compound ENUM('organic', 'semi-metallic', 'metallic', 'unknown') NULL,
  ADD organic_only BOOLEAN NOT NULL DEFAULT FALSE,
  ADD construction ENUM('one-piece', 'two-piece') NULL,
  ADD new_mm DECIMAL(6, 3) NULL CHECK (new_mm > 0),
  ADD stamped_limit_mm DECIMAL(6, 3) NULL CHECK (stamped_limit_mm > 0),
  ADD stamped_at_is_worn BOOLEAN NULL,
  ADD came_off_for VARCHAR(24) NULL,
  ADD rebedding ENUM('new-rotor', 'strip-and-bed-in', 'ridden-as-is') NULL;

-- A decision is about one thing inspected, and rests on the verdict and the look-over that stood when it was made.
ALTER TABLE decision
  ADD subject VARCHAR(20) NOT NULL DEFAULT '',
  ADD rests_on VARCHAR(80) NOT NULL DEFAULT '';
UPDATE decision SET subject = part, rests_on = verdict_id;
ALTER TABLE decision
  DROP FOREIGN KEY decision_ibfk_2,
  DROP COLUMN part,
  DROP COLUMN verdict_id,
  ALTER subject DROP DEFAULT,
  ALTER rests_on DROP DEFAULT;

-- How each end of a job stands, for the Bench's list: derived anew with every entry.
CREATE TABLE job_end (
  job_id UUID NOT NULL,
  brake_end ENUM('front', 'rear') NOT NULL,
  word ENUM('holds', 'watch', 'unproven', 'replace') NULL,
  do_not_ride BOOLEAN NOT NULL,
  identified BOOLEAN NOT NULL,
  rotor BOOLEAN NOT NULL,
  pads BOOLEAN NOT NULL,
  bolts_open BOOLEAN NOT NULL,
  PRIMARY KEY (job_id, brake_end),
  FOREIGN KEY (job_id) REFERENCES job (id)
);
INSERT INTO job_end (job_id, brake_end, word, do_not_ride, identified, rotor, pads, bolts_open)
SELECT j.id, e.brake_end,
       (SELECT v.word FROM standing_verdict s JOIN verdict v ON v.id = s.verdict_id
         WHERE s.job_id = j.id AND s.brake_end = e.brake_end ORDER BY v.word DESC LIMIT 1),
       FALSE,
       EXISTS (SELECT 1 FROM identification i WHERE i.job_id = j.id AND i.brake_end = e.brake_end),
       EXISTS (SELECT 1 FROM standing_verdict s WHERE s.job_id = j.id AND s.brake_end = e.brake_end AND s.part = 'rotor'),
       EXISTS (SELECT 1 FROM standing_verdict s WHERE s.job_id = j.id AND s.brake_end = e.brake_end AND s.part = 'pads'),
       EXISTS (SELECT 1 FROM tightening t WHERE t.job_id = j.id AND t.brake_end = e.brake_end
                 AND NOT EXISTS (SELECT 1 FROM pass_mark k WHERE k.tightening_id = t.id AND k.pass = 'verify'))
  FROM job j JOIN (SELECT 'front' AS brake_end UNION SELECT 'rear') e;
DROP TABLE standing_verdict;

-- The shop's rules: a change is a new row, the last one is in force.
CREATE TABLE shop_rules (
  version INT UNSIGNED NOT NULL PRIMARY KEY,
  rules LONGTEXT NOT NULL CHECK (JSON_VALID(rules)),
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  FOREIGN KEY (by_person) REFERENCES person (id)
);

ALTER TABLE spec_sheet_revision
  ADD by_person UUID NULL,
  ADD note VARCHAR(200) NOT NULL DEFAULT '',
  ADD FOREIGN KEY (by_person) REFERENCES person (id);
-- Values that sheets did not have before: unknown until somebody writes them in.
UPDATE spec_sheet_revision SET body = JSON_INSERT(body,
  '$.brake.sides', NULL, '$.brake.port', '',
  '$.rotor.sizeMm', NULL, '$.rotor.organicOnly', FALSE,
  '$.pads.compounds', JSON_ARRAY(), '$.pads.finned', FALSE,
  '$.lever', JSON_OBJECT('ratio', NULL, 'boreMm', NULL, 'ownGiveMl', NULL),
  '$.hose', NULL, '$.origins', JSON_OBJECT());

-- Pictures of what was found, small enough to keep with the record.
CREATE TABLE photo (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  job_id UUID NOT NULL,
  brake_end ENUM('front', 'rear') NOT NULL,
  area ENUM('rotor', 'pads', 'caliper', 'leaks', 'hose', 'cable', 'fluid', 'lever', 'bolts', 'mount') NOT NULL,
  jpeg MEDIUMBLOB NOT NULL,
  sha256 CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY photo_of (job_id, seq),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);
