-- Every correction of a bike, with what stood before.
CREATE TABLE bike_change (
  id UUID NOT NULL PRIMARY KEY,
  bike_id UUID NOT NULL,
  version INT UNSIGNED NOT NULL,
  was LONGTEXT NOT NULL CHECK (JSON_VALID(was)),
  became LONGTEXT NOT NULL CHECK (JSON_VALID(became)),
  words VARCHAR(200) NOT NULL,
  changed_at DATETIME(3) NOT NULL,
  changed_by UUID NOT NULL,
  UNIQUE KEY one_bike_change (bike_id, version),
  FOREIGN KEY (bike_id) REFERENCES bike (id),
  FOREIGN KEY (changed_by) REFERENCES person (id)
);
ALTER TABLE bike ADD KEY bike_by_serial (serial);
