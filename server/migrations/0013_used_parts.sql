-- Rotors and pads that came off alive: what is known of them, and what they last read.
CREATE TABLE IF NOT EXISTS used_part (
  id UUID NOT NULL PRIMARY KEY,
  part ENUM('rotor', 'pads') NOT NULL,
  description VARCHAR(120) NOT NULL,
  compound VARCHAR(20) NULL,
  organic_only BOOLEAN NOT NULL,
  construction ENUM('one-piece', 'two-piece') NULL,
  new_mm DECIMAL(6, 3) NULL CHECK (new_mm > 0),
  stamped_limit LONGTEXT NULL CHECK (JSON_VALID(stamped_limit)),
  least_mm DECIMAL(6, 3) NOT NULL CHECK (least_mm >= 0),
  doubt_mm DECIMAL(6, 3) NOT NULL CHECK (doubt_mm >= 0),
  word ENUM('holds', 'watch', 'unproven') NOT NULL,
  job_id UUID NOT NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  fitted_by UUID NULL,
  scrapped_because VARCHAR(200) NOT NULL DEFAULT '',
  KEY used_on_shelf (fitted_by, scrapped_because, id),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);
