-- What a bike is made of and how it is braked, what a visit was asked about, and which visit it comes back from.
ALTER TABLE bike
  ADD COLUMN IF NOT EXISTS fork_material ENUM('aluminium', 'steel', 'titanium', 'carbon') NULL,
  ADD COLUMN IF NOT EXISTS frame_material ENUM('aluminium', 'steel', 'titanium', 'carbon') NULL,
  ADD COLUMN IF NOT EXISTS front_brake ENUM('disc', 'rim', 'drum', 'coaster', 'none') NOT NULL DEFAULT 'disc',
  ADD COLUMN IF NOT EXISTS rear_brake ENUM('disc', 'rim', 'drum', 'coaster', 'none') NOT NULL DEFAULT 'disc',
  ADD COLUMN IF NOT EXISTS further_brakes VARCHAR(200) NOT NULL DEFAULT '';
ALTER TABLE job
  ADD COLUMN IF NOT EXISTS came_along LONGTEXT NOT NULL DEFAULT '[]' CHECK (JSON_VALID(came_along)),
  ADD COLUMN IF NOT EXISTS damage VARCHAR(500) NOT NULL DEFAULT '',
  ADD COLUMN IF NOT EXISTS ring_above_cents INT UNSIGNED NULL,
  ADD COLUMN IF NOT EXISTS may_ride BOOLEAN NULL,
  ADD COLUMN IF NOT EXISTS old_parts_back BOOLEAN NULL,
  ADD COLUMN IF NOT EXISTS comeback_of UUID NULL;
ALTER TABLE job ADD FOREIGN KEY IF NOT EXISTS job_comes_back (comeback_of) REFERENCES job (id);

-- Every correction of a customer, with what stood before.
CREATE TABLE IF NOT EXISTS customer_change (
  id UUID NOT NULL PRIMARY KEY,
  customer_id UUID NOT NULL,
  version INT UNSIGNED NOT NULL,
  was LONGTEXT NOT NULL CHECK (JSON_VALID(was)),
  became LONGTEXT NOT NULL CHECK (JSON_VALID(became)),
  changed_at DATETIME(3) NOT NULL,
  changed_by UUID NOT NULL,
  UNIQUE KEY one_customer_change (customer_id, version),
  FOREIGN KEY (customer_id) REFERENCES customer (id),
  FOREIGN KEY (changed_by) REFERENCES person (id)
);

-- An apprentice's work on what holds a brake is seen by somebody else.
ALTER TABLE person ADD COLUMN IF NOT EXISTS apprentice BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE entry ADD COLUMN IF NOT EXISTS by_apprentice BOOLEAN NOT NULL DEFAULT FALSE;

ALTER TABLE store_change MODIFY what ENUM('wrench', 'container', 'notice') NOT NULL;

-- A maker's recall or bulletin: whom it meets is told by model, serial or lot. It is withdrawn, never deleted.
CREATE TABLE IF NOT EXISTS notice (
  id UUID NOT NULL PRIMARY KEY,
  title VARCHAR(120) NOT NULL,
  words VARCHAR(1000) NOT NULL,
  source VARCHAR(160) NOT NULL,
  do_not_ride BOOLEAN NOT NULL,
  maker VARCHAR(80) NOT NULL,
  serial_from VARCHAR(60) NOT NULL,
  serial_to VARCHAR(60) NOT NULL,
  sheet_id UUID NULL,
  lot VARCHAR(60) NOT NULL,
  withdrawn BOOLEAN NOT NULL DEFAULT FALSE,
  withdrawn_because VARCHAR(300) NOT NULL DEFAULT '',
  version INT UNSIGNED NOT NULL DEFAULT 1,
  written_at DATETIME(3) NOT NULL,
  written_by UUID NOT NULL,
  KEY notices_in_force (withdrawn, written_at),
  FOREIGN KEY (sheet_id) REFERENCES spec_sheet (id),
  FOREIGN KEY (written_by) REFERENCES person (id)
);
