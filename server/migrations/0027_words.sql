-- The words a bike is found by, its own and its customer’s, by how they begin: a common word costs no more than what is shown of it.
CREATE TABLE IF NOT EXISTS bike_word (
  word VARCHAR(40) NOT NULL,
  bike_id UUID NOT NULL,
  PRIMARY KEY (word, bike_id),
  KEY word_of_bike (bike_id, word)
);

CREATE OR REPLACE VIEW bike_said AS SELECT b.id AS bike_id, b.customer_id, LEFT(w.word, 40) AS word
  FROM bike b JOIN customer c ON c.id = b.customer_id,
       JSON_TABLE(CONCAT('["', REPLACE(TRIM(REGEXP_REPLACE(CONCAT_WS(' ', b.name, b.maker, b.serial, c.name), '[^\\p{L}\\p{N}]+', ' ')), ' ', '","'), '"]'),
         '$[*]' COLUMNS (word VARCHAR(340) PATH '$')) w
 WHERE w.word <> '';

CREATE OR REPLACE PROCEDURE index_bike (IN which UUID) MODIFIES SQL DATA
BEGIN
  DELETE FROM bike_word WHERE bike_id = which
; INSERT IGNORE INTO bike_word (word, bike_id) SELECT word, bike_id FROM bike_said WHERE bike_id = which
; END;

CREATE OR REPLACE PROCEDURE index_bikes_of (IN whose UUID) MODIFIES SQL DATA
BEGIN
  DELETE w FROM bike_word w JOIN bike b ON b.id = w.bike_id WHERE b.customer_id = whose
; INSERT IGNORE INTO bike_word (word, bike_id) SELECT word, bike_id FROM bike_said WHERE customer_id = whose
; END;

INSERT IGNORE INTO bike_word (word, bike_id) SELECT word, bike_id FROM bike_said;

CREATE TRIGGER IF NOT EXISTS bike_indexed AFTER INSERT ON bike FOR EACH ROW CALL index_bike(NEW.id);
CREATE TRIGGER IF NOT EXISTS bike_reindexed AFTER UPDATE ON bike FOR EACH ROW CALL index_bike(NEW.id);
CREATE TRIGGER IF NOT EXISTS customer_reindexed AFTER UPDATE ON customer FOR EACH ROW CALL index_bikes_of(NEW.id);

ALTER TABLE bike DROP KEY IF EXISTS bike_words;
ALTER TABLE customer DROP KEY IF EXISTS customer_words;

-- Records are walked by whoever sealed them, and traces by what was used, each from its newest visit.
CREATE INDEX IF NOT EXISTS record_by_mechanic ON sealed_record (sealed_by, number);
CREATE INDEX IF NOT EXISTS measured_with ON measurement (gauge_id, job_id, at, brake_end, part);
CREATE INDEX IF NOT EXISTS tightened_with ON tightening (wrench_id, job_id, at, brake_end, fastener);
CREATE INDEX IF NOT EXISTS entered_by ON entry (by_person, job_id, at, kind);
CREATE INDEX IF NOT EXISTS identified_by ON identification (sheet_revision_id, job_id, at);
CREATE INDEX IF NOT EXISTS entered_on ON entry (by_person, at, job_id);
CREATE INDEX IF NOT EXISTS end_by_word ON job_end (word, job_id);
