-- What stands in the stores is kept as it changes, and not counted anew from all that ever happened: a list costs what it shows.
ALTER TABLE gauge ADD COLUMN IF NOT EXISTS uses INT UNSIGNED NOT NULL DEFAULT 0;
ALTER TABLE container ADD COLUMN IF NOT EXISTS used_ml DECIMAL(12, 2) NOT NULL DEFAULT 0;
ALTER TABLE stock_line
  ADD COLUMN IF NOT EXISTS pieces INT NOT NULL DEFAULT 0,
  ADD COLUMN IF NOT EXISTS last_batch VARCHAR(40) NOT NULL DEFAULT '';
-- What was drained of a family since its can was last handed over.
CREATE TABLE IF NOT EXISTS waste_can (
  family VARCHAR(24) NOT NULL PRIMARY KEY,
  ml DECIMAL(12, 2) NOT NULL,
  handed_over_at DATETIME(3) NULL
);

UPDATE gauge g SET g.uses = (SELECT COUNT(*) FROM measurement m JOIN reading r ON r.measurement_id = m.id WHERE m.gauge_id = g.id);
UPDATE container c SET c.used_ml = COALESCE((SELECT SUM(f.ml) FROM fill f WHERE f.container_id = c.id), 0)
  - COALESCE((SELECT SUM(b.ml) FROM fluid_back b JOIN fill f ON f.id = b.fill_id WHERE f.container_id = c.id), 0);
UPDATE stock_line l SET
  l.pieces = COALESCE((SELECT SUM(m.pieces) FROM stock_move m WHERE m.stock_id = l.id), 0)
    - COALESCE((SELECT SUM(t.pieces) FROM part_taken t WHERE t.stock_id = l.id), 0),
  l.last_batch = COALESCE((SELECT m.batch FROM stock_move m WHERE m.stock_id = l.id AND m.pieces > 0 ORDER BY m.seq DESC LIMIT 1), '');
REPLACE INTO waste_can (family, ml, handed_over_at)
  SELECT w.family, SUM(w.ml * (w.seq > COALESCE(h.seq, 0))), h.at
    FROM waste w LEFT JOIN waste_handed_over h ON h.seq = (SELECT MAX(n.seq) FROM waste_handed_over n WHERE n.family = w.family)
   GROUP BY w.family, h.at;

CREATE TRIGGER IF NOT EXISTS gauge_used AFTER INSERT ON reading FOR EACH ROW UPDATE gauge SET uses = uses + 1 WHERE id = (SELECT gauge_id FROM measurement WHERE id = NEW.measurement_id);
CREATE TRIGGER IF NOT EXISTS container_emptied AFTER INSERT ON fill FOR EACH ROW UPDATE container SET used_ml = used_ml + NEW.ml WHERE id = NEW.container_id;
CREATE TRIGGER IF NOT EXISTS container_filled_back AFTER INSERT ON fluid_back FOR EACH ROW UPDATE container SET used_ml = used_ml - NEW.ml WHERE id = (SELECT container_id FROM fill WHERE id = NEW.fill_id);
CREATE TRIGGER IF NOT EXISTS stock_moved AFTER INSERT ON stock_move FOR EACH ROW UPDATE stock_line SET pieces = pieces + NEW.pieces, last_batch = IF(NEW.pieces > 0, NEW.batch, last_batch) WHERE id = NEW.stock_id;
CREATE TRIGGER IF NOT EXISTS stock_taken AFTER INSERT ON part_taken FOR EACH ROW UPDATE stock_line SET pieces = pieces - NEW.pieces WHERE id = NEW.stock_id;
CREATE TRIGGER IF NOT EXISTS waste_drained AFTER INSERT ON waste FOR EACH ROW INSERT INTO waste_can (family, ml, handed_over_at) VALUES (NEW.family, NEW.ml, NULL) ON DUPLICATE KEY UPDATE ml = ml + NEW.ml;
CREATE TRIGGER IF NOT EXISTS waste_went AFTER INSERT ON waste_handed_over FOR EACH ROW UPDATE waste_can SET ml = 0, handed_over_at = NEW.at WHERE family = NEW.family;
