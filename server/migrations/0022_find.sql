-- Records are found by the lot and the parts that went into a bike.
CREATE INDEX IF NOT EXISTS container_by_lot ON container (lot);
CREATE INDEX IF NOT EXISTS part_taken_by_batch ON part_taken (batch);
