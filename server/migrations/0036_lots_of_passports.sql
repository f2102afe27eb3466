-- The makers' lots that other workshops put in, by the passports of a bike: a notice of one meets it here.
CREATE TABLE IF NOT EXISTS lot_brought (
  passport_id UUID NOT NULL,
  brake_end ENUM('front', 'rear', 'third') NOT NULL,
  part VARCHAR(20) NOT NULL,
  lot VARCHAR(60) NOT NULL,
  bike_id UUID NOT NULL,
  job_id UUID NOT NULL,
  seq BIGINT UNSIGNED NOT NULL,
  PRIMARY KEY (passport_id, brake_end, part, lot),
  KEY lot_brought_of (bike_id, lot),
  FOREIGN KEY (passport_id) REFERENCES passport (id),
  FOREIGN KEY (bike_id) REFERENCES bike (id),
  FOREIGN KEY (job_id) REFERENCES job (id)
);

-- Of those that were taken in before: at the visit that was the last one then.
INSERT IGNORE INTO lot_brought (passport_id, brake_end, part, lot, bike_id, job_id, seq)
WITH said AS (
  SELECT p.id, t.brake_end, LEFT(t.part, 20) AS part, t.lot, t.batch, t.one_of
    FROM passport p,
      JSON_TABLE(p.body, '$.records[*]' COLUMNS (canonical LONGTEXT PATH '$.canonical')) r,
      JSON_TABLE(r.canonical, '$.record.*[*]' COLUMNS (
        brake_end VARCHAR(99) PATH '$.end', part VARCHAR(99) PATH '$.part' DEFAULT 'fluid' ON EMPTY,
        lot VARCHAR(999) PATH '$.lot', batch VARCHAR(999) PATH '$.batch', NESTED PATH '$.batches[*]' COLUMNS (one_of VARCHAR(999) PATH '$'))) t
   WHERE t.brake_end IN ('front', 'rear', 'third')),
lots AS (SELECT id, brake_end, part, lot FROM said
  UNION SELECT id, brake_end, part, batch FROM said
  UNION SELECT id, brake_end, part, one_of FROM said)
SELECT p.id, l.brake_end, l.part, TRIM(l.lot), p.bike_id, j.id, w.seq
  FROM lots l
    JOIN passport p ON p.id = l.id
    JOIN accepted_write w ON w.id = p.id
    JOIN job j ON j.bike_id = p.bike_id
      AND j.tag = (SELECT MAX(b.tag) FROM job b WHERE b.bike_id = p.bike_id AND b.checked_in_at <= p.at)
 WHERE TRIM(l.lot) <> '' AND CHAR_LENGTH(TRIM(l.lot)) <= 60;
