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

-- Sealed stays sealed, whatever the server is talked into: the job is not changed, and nothing is added to it.
CREATE TRIGGER IF NOT EXISTS sealed_job BEFORE UPDATE ON job FOR EACH ROW IF OLD.status = 'sealed' AND NOT (NEW.status <=> OLD.status AND NEW.bike_id <=> OLD.bike_id AND NEW.complaint <=> OLD.complaint AND NEW.front_lever <=> OLD.front_lever AND NEW.odometer_km <=> OLD.odometer_km) THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_identification BEFORE INSERT ON identification FOR EACH ROW IF (SELECT status FROM job WHERE id = NEW.job_id) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_measurement BEFORE INSERT ON measurement FOR EACH ROW IF (SELECT status FROM job WHERE id = NEW.job_id) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_look_over BEFORE INSERT ON look_over FOR EACH ROW IF (SELECT status FROM job WHERE id = NEW.job_id) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_photo BEFORE INSERT ON photo FOR EACH ROW IF (SELECT status FROM job WHERE id = NEW.job_id) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_fitting BEFORE INSERT ON fitting FOR EACH ROW IF (SELECT status FROM job WHERE id = NEW.job_id) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_tightening BEFORE INSERT ON tightening FOR EACH ROW IF (SELECT status FROM job WHERE id = NEW.job_id) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_told BEFORE INSERT ON told FOR EACH ROW IF (SELECT status FROM job WHERE id = NEW.job_id) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_plan_choice BEFORE INSERT ON plan_choice FOR EACH ROW IF (SELECT status FROM job WHERE id = NEW.job_id) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_plan_step BEFORE INSERT ON plan_step FOR EACH ROW IF (SELECT status FROM job WHERE id = NEW.job_id) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_fill BEFORE INSERT ON fill FOR EACH ROW IF (SELECT status FROM job WHERE id = NEW.job_id) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_part_taken BEFORE INSERT ON part_taken FOR EACH ROW IF (SELECT status FROM job WHERE id = NEW.job_id) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_waste BEFORE INSERT ON waste FOR EACH ROW IF (SELECT status FROM job WHERE id = NEW.job_id) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_test BEFORE INSERT ON test FOR EACH ROW IF (SELECT status FROM job WHERE id = NEW.job_id) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_decision BEFORE INSERT ON decision FOR EACH ROW IF (SELECT status FROM job WHERE id = NEW.job_id) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_job_change BEFORE INSERT ON job_change FOR EACH ROW IF (SELECT status FROM job WHERE id = NEW.job_id) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_reading BEFORE INSERT ON reading FOR EACH ROW IF (SELECT status FROM job WHERE id = (SELECT job_id FROM measurement WHERE id = NEW.measurement_id)) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_look BEFORE INSERT ON look FOR EACH ROW IF (SELECT status FROM job WHERE id = (SELECT job_id FROM measurement WHERE id = NEW.measurement_id)) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_pass_mark BEFORE INSERT ON pass_mark FOR EACH ROW IF (SELECT status FROM job WHERE id = (SELECT job_id FROM tightening WHERE id = NEW.tightening_id)) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_clamp_gaps BEFORE INSERT ON clamp_gaps FOR EACH ROW IF (SELECT status FROM job WHERE id = (SELECT job_id FROM tightening WHERE id = NEW.tightening_id)) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
CREATE TRIGGER IF NOT EXISTS sealed_fluid_back BEFORE INSERT ON fluid_back FOR EACH ROW IF (SELECT status FROM job WHERE id = (SELECT job_id FROM fill WHERE id = NEW.fill_id)) = 'sealed' THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;
