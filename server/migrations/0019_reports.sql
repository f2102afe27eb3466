-- Addresses nobody can guess, each of which shows one customer’s report until it is withdrawn.
CREATE TABLE IF NOT EXISTS report_link (
  id UUID NOT NULL PRIMARY KEY,
  record_id UUID NOT NULL,
  token CHAR(22) CHARACTER SET ascii COLLATE ascii_bin NOT NULL,
  made_at DATETIME(3) NOT NULL,
  made_by UUID NOT NULL,
  withdrawn_at DATETIME(3) NULL,
  withdrawn_by UUID NULL,
  UNIQUE KEY report_link_token (token),
  KEY report_link_record (record_id, made_at),
  FOREIGN KEY (record_id) REFERENCES sealed_record (id),
  FOREIGN KEY (made_by) REFERENCES person (id),
  FOREIGN KEY (withdrawn_by) REFERENCES person (id)
);
