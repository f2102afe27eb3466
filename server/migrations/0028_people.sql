-- People come and go: one who is locked signs in nowhere; one who begins anew has a passphrase for one sign-in and no PIN.
ALTER TABLE person
  ADD COLUMN IF NOT EXISTS locked BOOLEAN NOT NULL DEFAULT FALSE,
  ADD COLUMN IF NOT EXISTS choosing BOOLEAN NOT NULL DEFAULT FALSE,
  ADD COLUMN IF NOT EXISTS version INT UNSIGNED NOT NULL DEFAULT 1,
  MODIFY pin_hash VARCHAR(255) NULL;

CREATE TABLE IF NOT EXISTS person_change (
  person_id UUID NOT NULL,
  version INT UNSIGNED NOT NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  what VARCHAR(20) NOT NULL,
  was JSON NULL,
  PRIMARY KEY (person_id, version),
  FOREIGN KEY (person_id) REFERENCES person (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

-- Whose session at which device, so that it can be told from the others and ended.
ALTER TABLE session
  ADD COLUMN IF NOT EXISTS device VARCHAR(20) NOT NULL DEFAULT 'computer',
  ADD COLUMN IF NOT EXISTS address VARCHAR(45) NOT NULL DEFAULT '';
