-- What a sealed record says of people stands beside it: the record holds its digests, and seals them.
CREATE TABLE IF NOT EXISTS sealed_words (
  record_id UUID NOT NULL PRIMARY KEY,
  salt CHAR(22) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  said LONGTEXT NOT NULL CHECK (JSON_VALID(said)),
  FOREIGN KEY (record_id) REFERENCES sealed_record (id)
);

-- Whose words were taken away, by whom, when and why.
CREATE TABLE IF NOT EXISTS erasure (
  id UUID NOT NULL PRIMARY KEY,
  customer_id UUID NOT NULL UNIQUE,
  because VARCHAR(300) NOT NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  FOREIGN KEY (customer_id) REFERENCES customer (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

-- Of a sealed job the words it came with may go, and nothing else.
CREATE OR REPLACE TRIGGER sealed_job BEFORE UPDATE ON job FOR EACH ROW IF OLD.status = 'sealed' AND NOT (NEW.status <=> OLD.status AND NEW.bike_id <=> OLD.bike_id AND NEW.complaint IN (OLD.complaint, '') AND NEW.front_lever <=> OLD.front_lever AND NEW.odometer_km <=> OLD.odometer_km) THEN SIGNAL SQLSTATE '45000' SET MESSAGE_TEXT = 'the job is sealed'; END IF;

-- Takes away what is written of a customer and keeps what is written of their brakes. The server may call it, and has no such right
-- to any of the tables itself. Visits are those whose record names them, also of a bike that is somebody else’s by now.
CREATE OR REPLACE PROCEDURE erase_customer (IN whose UUID, IN nobody VARCHAR(20), IN erased_at DATETIME(3), IN erased_by UUID) MODIFIES SQL DATA
BEGIN
  CREATE OR REPLACE TEMPORARY TABLE theirs AS
    SELECT s.id AS record_id, s.job_id FROM sealed_record s JOIN job j ON j.id = s.job_id
     WHERE s.nth = 0 AND JSON_VALUE(s.canonical, '$.record.customer.id') = whose AND j.bike_id IN
           (SELECT b.id FROM bike b WHERE b.customer_id = whose
             UNION SELECT h.bike_id FROM bike_change h WHERE JSON_VALUE(h.was, '$.customerId') = whose)
; DELETE w FROM sealed_words w JOIN theirs t ON t.record_id = w.record_id
; UPDATE job j JOIN theirs t ON t.job_id = j.id SET j.complaint = ''
; UPDATE entry e JOIN theirs t ON t.job_id = e.job_id
     SET e.body = JSON_SET(e.body, '$.was.complaint', '', '$.became.complaint', '') WHERE e.kind = 'edit'
; UPDATE report_link l JOIN theirs t ON t.record_id = l.record_id
     SET l.withdrawn_at = erased_at, l.withdrawn_by = erased_by WHERE l.withdrawn_at IS NULL
; DELETE FROM message WHERE customer_id = whose
; DELETE d FROM due d JOIN bike b ON b.id = d.bike_id WHERE b.customer_id = whose
; UPDATE bike_change SET was = JSON_SET(was, '$.name', nobody) WHERE JSON_VALUE(was, '$.customerId') = whose
; UPDATE bike_change SET became = JSON_SET(became, '$.name', nobody) WHERE JSON_VALUE(became, '$.customerId') = whose
; UPDATE bike SET name = nobody, version = version + 1 WHERE customer_id = whose
; DELETE FROM customer_change WHERE customer_id = whose
; UPDATE customer SET name = nobody, phone = NULL, version = version + 1 WHERE id = whose
; DROP TEMPORARY TABLE theirs
; END;
