-- What another workshop wrote of a bike, as it came in: nothing is proven by it, and no do-not-ride of it is lost.
CREATE TABLE IF NOT EXISTS passport (
  id UUID NOT NULL PRIMARY KEY,
  bike_id UUID NOT NULL,
  seal CHAR(64) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  body LONGTEXT NOT NULL CHECK (JSON_VALID(body)),
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  UNIQUE KEY one_passport (bike_id, seal),
  FOREIGN KEY (bike_id) REFERENCES bike (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);
ALTER TABLE bike_tag ADD COLUMN IF NOT EXISTS passport_id UUID NULL;
ALTER TABLE bike_tag ADD FOREIGN KEY IF NOT EXISTS tag_of_passport (passport_id) REFERENCES passport (id);
