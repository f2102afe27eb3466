-- A tablet that the whole bench shares: a lead signed it in for the shop, and people come in by their PIN there.
CREATE TABLE IF NOT EXISTS tablet (
  id UUID NOT NULL PRIMARY KEY,
  token_hash BINARY(32) NOT NULL UNIQUE,
  name VARCHAR(40) NOT NULL,
  made_at DATETIME(3) NOT NULL,
  made_by UUID NOT NULL,
  ended_at DATETIME(3) NULL,
  ended_by UUID NULL,
  FOREIGN KEY (made_by) REFERENCES person (id),
  FOREIGN KEY (ended_by) REFERENCES person (id)
);

ALTER TABLE session
  ADD COLUMN IF NOT EXISTS tablet_id UUID NULL,
  ADD FOREIGN KEY IF NOT EXISTS session_at_tablet (tablet_id) REFERENCES tablet (id);

-- How many digits, so that the last of them is the last touch; unknown of PINs that were chosen before.
ALTER TABLE person ADD COLUMN IF NOT EXISTS pin_length TINYINT UNSIGNED NULL;
