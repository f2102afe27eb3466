-- Readings of a bike that come in from a table: taken elsewhere, or before this shop kept its readings here. They are shown, and prove nothing.
CREATE TABLE IF NOT EXISTS brought_reading (
  id UUID NOT NULL PRIMARY KEY,
  bike_id UUID NOT NULL,
  taken_at DATETIME(3) NOT NULL,
  brake_end ENUM('front', 'rear') NOT NULL,
  part ENUM('rotor', 'pads', 'runout', 'clearance', 'lever', 'mount-face') NOT NULL,
  place VARCHAR(40) NOT NULL,
  value_mm DECIMAL(7, 3) NOT NULL,
  gauge VARCHAR(80) NOT NULL,
  replaced BOOLEAN NOT NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  UNIQUE KEY one_reading (bike_id, taken_at, brake_end, part, place, value_mm),
  FOREIGN KEY (bike_id) REFERENCES bike (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);
