-- Which makers' batches lie on the shelf, which a used part there may be of, and which a brake was given: a notice of one meets it on
-- whatever bike it goes to.
CREATE TABLE IF NOT EXISTS stock_batch (
  stock_id UUID NOT NULL,
  batch VARCHAR(40) NOT NULL,
  pieces INT NOT NULL,
  came_seq BIGINT UNSIGNED NOT NULL,
  PRIMARY KEY (stock_id, batch),
  FOREIGN KEY (stock_id) REFERENCES stock_line (id)
);
CREATE TABLE IF NOT EXISTS used_part_batch (
  used_part_id UUID NOT NULL,
  batch VARCHAR(40) NOT NULL,
  PRIMARY KEY (used_part_id, batch),
  FOREIGN KEY (used_part_id) REFERENCES used_part (id)
);
CREATE TABLE IF NOT EXISTS batch_put_in (
  entry_id UUID NOT NULL,
  batch VARCHAR(40) NOT NULL,
  job_id UUID NOT NULL,
  brake_end ENUM('front', 'rear', 'third') NOT NULL,
  part VARCHAR(20) NOT NULL,
  seq BIGINT UNSIGNED NOT NULL,
  at DATETIME(3) NOT NULL,
  PRIMARY KEY (entry_id, batch),
  KEY batch_put_in_at (batch, job_id),
  KEY batch_put_in_of (job_id, seq),
  FOREIGN KEY (job_id) REFERENCES job (id)
);

-- Of what was taken till now nobody read the batch: all that came in since a shelf was last empty may lie there still.
REPLACE INTO stock_batch (stock_id, batch, pieces, came_seq)
SELECT m.stock_id, m.batch, SUM(m.pieces), MAX(m.seq)
  FROM stock_move m
  LEFT JOIN (SELECT b.stock_id, MAX(b.seq) AS seq
               FROM (SELECT e.stock_id, e.seq, SUM(e.pieces) OVER (PARTITION BY e.stock_id ORDER BY e.seq) AS lie
                       FROM (SELECT stock_id, seq, pieces FROM stock_move
                             UNION ALL SELECT stock_id, seq, -CAST(pieces AS SIGNED) FROM part_taken) e) b
              WHERE b.lie <= 0 GROUP BY b.stock_id) z ON z.stock_id = m.stock_id
 WHERE m.pieces > 0 AND m.seq > COALESCE(z.seq, 0)
 GROUP BY m.stock_id, m.batch;
-- Never less than nothing: what was taken beyond what is known of a batch takes nothing off its next delivery. An empty shelf holds none.
CREATE TRIGGER IF NOT EXISTS stock_batch_moved AFTER INSERT ON stock_move FOR EACH ROW PRECEDES stock_moved
  INSERT INTO stock_batch (stock_id, batch, pieces, came_seq)
  VALUES (NEW.stock_id, NEW.batch, GREATEST(NEW.pieces, 0), IF(NEW.pieces > 0, NEW.seq, 0))
  ON DUPLICATE KEY UPDATE pieces = GREATEST(pieces + NEW.pieces, 0), came_seq = GREATEST(came_seq, IF(NEW.pieces > 0, NEW.seq, 0));
CREATE TRIGGER IF NOT EXISTS stock_batch_taken AFTER INSERT ON part_taken FOR EACH ROW PRECEDES stock_taken
  UPDATE stock_batch SET pieces = GREATEST(pieces - CAST(NEW.pieces AS SIGNED), 0) WHERE stock_id = NEW.stock_id AND batch = NEW.batch;
CREATE TRIGGER IF NOT EXISTS stock_batch_gone AFTER UPDATE ON stock_line FOR EACH ROW
  UPDATE stock_batch SET pieces = 0 WHERE stock_id = NEW.id AND NEW.pieces <= 0;

-- Of what lay there before: every batch taken for its place, up to the visit it came off at. Rather one too many, which somebody looks at.
INSERT IGNORE INTO used_part_batch (used_part_id, batch)
SELECT u.id, t.batch
  FROM used_part u JOIN job j ON j.id = u.job_id JOIN entry o ON o.id = u.id
    JOIN job tj ON tj.bike_id = j.bike_id AND tj.tag <= j.tag
    JOIN part_taken t ON t.job_id = tj.id AND t.brake_end = JSON_VALUE(o.body, '$.end')
    JOIN stock_line l ON l.id = t.stock_id AND l.part = u.part
 WHERE t.batch <> '' AND t.seq < o.seq;

INSERT IGNORE INTO batch_put_in (entry_id, batch, job_id, brake_end, part, seq, at)
SELECT t.id, t.batch, t.job_id, t.brake_end, l.part, t.seq, t.at
  FROM part_taken t JOIN stock_line l ON l.id = t.stock_id WHERE t.batch <> '';
INSERT IGNORE INTO batch_put_in (entry_id, batch, job_id, brake_end, part, seq, at)
SELECT f.id, b.batch, f.job_id, f.brake_end, f.part, f.seq, f.at
  FROM used_part_batch b JOIN used_part u ON u.id = b.used_part_id JOIN fitting f ON f.id = u.fitted_by;

UPDATE entry SET known = JSON_SET(known, '$.used.batches', JSON_QUERY('[]', '$'))
 WHERE kind = 'fitting' AND JSON_VALUE(known, '$.used.id') IS NOT NULL;
UPDATE entry e
  JOIN (SELECT p.entry_id, JSON_ARRAYAGG(p.batch) AS batches FROM batch_put_in p GROUP BY p.entry_id) b ON b.entry_id = e.id
   SET e.known = JSON_SET(e.known, '$.used.batches', JSON_QUERY(b.batches, '$'))
 WHERE e.kind = 'fitting';
UPDATE entry SET known = JSON_SET(known, '$.batches', IF(JSON_VALUE(known, '$.lastBatch') = '', JSON_ARRAY(), JSON_ARRAY(JSON_VALUE(known, '$.lastBatch'))))
 WHERE kind = 'part-taken';
