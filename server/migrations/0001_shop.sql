-- People and their sessions.
CREATE TABLE person (
  id UUID NOT NULL PRIMARY KEY,
  name VARCHAR(80) NOT NULL,
  role ENUM('owner', 'lead', 'mechanic', 'counter') NOT NULL,
  passphrase_hash VARCHAR(200) NOT NULL,
  pin_hash VARCHAR(200) NOT NULL,
  created_at DATETIME(3) NOT NULL,
  UNIQUE KEY person_name (name)
);

CREATE TABLE session (
  token_hash BINARY(32) NOT NULL PRIMARY KEY,
  person_id UUID NOT NULL,
  created_at DATETIME(3) NOT NULL,
  expires_at DATETIME(3) NOT NULL,
  KEY session_expiry (expires_at),
  FOREIGN KEY (person_id) REFERENCES person (id)
);

-- Every write that was taken, by the id its client made: a repeated one is recognised and done once.
-- `seq` is the order in which the shop took them, whatever the clocks of phones say.
CREATE TABLE accepted_write (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL AUTO_INCREMENT UNIQUE,
  body_hash BINARY(32) NOT NULL,
  person_id UUID NOT NULL,
  accepted_at DATETIME(3) NOT NULL,
  FOREIGN KEY (person_id) REFERENCES person (id)
);

CREATE TABLE customer (
  id UUID NOT NULL PRIMARY KEY,
  name VARCHAR(120) NOT NULL,
  phone VARCHAR(40) NULL,
  version INT UNSIGNED NOT NULL DEFAULT 1,
  created_at DATETIME(3) NOT NULL,
  KEY customer_by_name (name, id),
  FULLTEXT KEY customer_words (name)
);

CREATE TABLE bike (
  id UUID NOT NULL PRIMARY KEY,
  customer_id UUID NOT NULL,
  name VARCHAR(80) NOT NULL,
  maker VARCHAR(80) NOT NULL,
  serial VARCHAR(60) NOT NULL,
  motor BOOLEAN NOT NULL,
  system_mass_kg SMALLINT UNSIGNED NULL,
  terrain ENUM('flat', 'rolling', 'hilly', 'steep') NULL,
  wet BOOLEAN NOT NULL,
  km_per_week SMALLINT UNSIGNED NULL,
  version INT UNSIGNED NOT NULL DEFAULT 1,
  created_at DATETIME(3) NOT NULL,
  KEY bike_by_name (name, id),
  FULLTEXT KEY bike_words (name, maker, serial),
  FOREIGN KEY (customer_id) REFERENCES customer (id)
);

-- The shop's library of spec sheets. Revisions are never changed; jobs keep the one they were judged by.
CREATE TABLE spec_sheet (
  id UUID NOT NULL PRIMARY KEY,
  created_at DATETIME(3) NOT NULL
);

CREATE TABLE spec_sheet_revision (
  id UUID NOT NULL PRIMARY KEY,
  sheet_id UUID NOT NULL,
  revision SMALLINT UNSIGNED NOT NULL,
  title VARCHAR(80) NOT NULL,
  body LONGTEXT NOT NULL CHECK (JSON_VALID(body)),
  created_at DATETIME(3) NOT NULL,
  UNIQUE KEY one_revision (sheet_id, revision),
  KEY sheet_by_title (title, id),
  FOREIGN KEY (sheet_id) REFERENCES spec_sheet (id)
);

CREATE TABLE gauge (
  id UUID NOT NULL PRIMARY KEY,
  name VARCHAR(40) NOT NULL,
  kind ENUM('outside-micrometer', 'thickness-gauge', 'digital-caliper', 'vernier-caliper', 'dial-indicator') NOT NULL,
  resolution_mm DECIMAL(6, 3) NOT NULL CHECK (resolution_mm > 0),
  uncertainty_mm DECIMAL(6, 3) NOT NULL CHECK (uncertainty_mm > 0),
  uncertainty_assumed BOOLEAN NOT NULL,
  anvils ENUM('point', 'flat') NOT NULL,
  calibration_due_on DATE NULL,
  UNIQUE KEY gauge_name (name)
);

CREATE TABLE wrench (
  id UUID NOT NULL PRIMARY KEY,
  name VARCHAR(40) NOT NULL,
  max_nm DECIMAL(6, 3) NOT NULL CHECK (max_nm > 0),
  mark_nm DECIMAL(6, 3) NOT NULL CHECK (mark_nm > 0),
  tolerance DECIMAL(5, 4) NOT NULL CHECK (tolerance > 0 AND tolerance <= 0.2),
  tolerance_assumed BOOLEAN NOT NULL,
  calibration_due_on DATE NULL,
  uses INT UNSIGNED NOT NULL DEFAULT 0,
  UNIQUE KEY wrench_name (name)
);

CREATE TABLE container (
  id UUID NOT NULL PRIMARY KEY,
  label VARCHAR(40) NOT NULL,
  family ENUM('glycol', 'silicone', 'mineral') NOT NULL,
  fluid_name VARCHAR(60) NOT NULL,
  lot VARCHAR(40) NOT NULL,
  size_ml DECIMAL(8, 2) NOT NULL CHECK (size_ml > 0),
  opened_on DATE NULL,
  printed_use_by DATE NULL,
  months_after_opening TINYINT UNSIGNED NULL,
  looks ENUM('clear', 'cloudy', 'dark', 'bits') NOT NULL,
  written_off BOOLEAN NOT NULL DEFAULT FALSE,
  written_off_reason VARCHAR(200) NOT NULL DEFAULT '',
  UNIQUE KEY container_label (label),
  KEY container_by_lot (lot)
);
