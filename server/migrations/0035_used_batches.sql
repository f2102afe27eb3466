-- The makers' batches that a used part may be of: a notice of one meets it on whatever bike it goes to.
CREATE TABLE IF NOT EXISTS used_part_batch (
  used_part_id UUID NOT NULL,
  batch VARCHAR(40) NOT NULL,
  PRIMARY KEY (used_part_id, batch),
  KEY used_part_by_batch (batch),
  FOREIGN KEY (used_part_id) REFERENCES used_part (id)
);

ALTER TABLE used_part ADD KEY IF NOT EXISTS used_part_fitted (fitted_by);

-- Of what lay there before: every batch taken for its place, up to the visit it came off at. Rather one too many, which somebody looks at.
INSERT IGNORE INTO used_part_batch (used_part_id, batch)
SELECT u.id, t.batch
  FROM used_part u JOIN job j ON j.id = u.job_id JOIN entry o ON o.id = u.id
    JOIN job tj ON tj.bike_id = j.bike_id AND tj.tag <= j.tag
    JOIN part_taken t ON t.job_id = tj.id AND t.brake_end = JSON_VALUE(o.body, '$.end')
    JOIN stock_line l ON l.id = t.stock_id AND l.part = u.part
 WHERE t.batch <> '' AND t.seq < o.seq;

UPDATE entry SET known = JSON_SET(known, '$.used.batches', JSON_QUERY('[]', '$'))
 WHERE kind = 'fitting' AND JSON_VALUE(known, '$.used.id') IS NOT NULL;

UPDATE entry e
  JOIN (SELECT u.fitted_by, JSON_ARRAYAGG(b.batch) AS batches FROM used_part u JOIN used_part_batch b ON b.used_part_id = u.id
         WHERE u.fitted_by IS NOT NULL GROUP BY u.fitted_by) f ON f.fitted_by = e.id
   SET e.known = JSON_SET(e.known, '$.used.batches', JSON_QUERY(f.batches, '$'))
 WHERE e.kind = 'fitting';
