-- Addresses nobody can guess, each of which gives what is due to a calendar, in the words of whoever made it, until it is withdrawn.
CREATE TABLE IF NOT EXISTS calendar_feed (
  id UUID NOT NULL PRIMARY KEY,
  token CHAR(22) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  words LONGTEXT NOT NULL CHECK (JSON_VALID(words)),
  made_at DATETIME(3) NOT NULL,
  made_by UUID NOT NULL,
  withdrawn_at DATETIME(3) NULL,
  withdrawn_by UUID NULL,
  UNIQUE KEY calendar_feed_token (token),
  FOREIGN KEY (made_by) REFERENCES person (id),
  FOREIGN KEY (withdrawn_by) REFERENCES person (id)
);
