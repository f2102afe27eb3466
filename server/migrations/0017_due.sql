-- What is due at each end of each bike, as its last signed visit left it, and what was put off with a reason.
CREATE TABLE IF NOT EXISTS due (
  bike_id UUID NOT NULL,
  brake_end ENUM('front', 'rear') NOT NULL,
  what ENUM('pads', 'rotor', 'bleed', 'cable', 'bolts') NOT NULL,
  due_on DATE NOT NULL,
  -- The day it is shown on: when it is due, or what it was put off to.
  shown_on DATE NOT NULL,
  because ENUM('time', 'forecast', 'distance', 'worn') NOT NULL,
  days SMALLINT UNSIGNED NOT NULL,
  job_id UUID NOT NULL,
  snoozed_until DATE NULL,
  snoozed_words VARCHAR(200) NULL,
  snoozed_by UUID NULL,
  PRIMARY KEY (bike_id, brake_end, what),
  KEY due_by_day (shown_on, bike_id, brake_end, what),
  FOREIGN KEY (bike_id) REFERENCES bike (id),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (snoozed_by) REFERENCES person (id)
);
