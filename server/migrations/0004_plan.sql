-- What is to be done on a job: the last choice stands, every one is kept.
CREATE TABLE plan_choice (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  job_id UUID NOT NULL,
  procedures LONGTEXT NOT NULL CHECK (JSON_VALID(procedures)),
  bleed LONGTEXT NOT NULL CHECK (JSON_VALID(bleed)),
  agreed ENUM('agreed', 'not-asked') NOT NULL,
  words VARCHAR(300) NOT NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY plan_choice_of (job_id, seq),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);

-- Steps of the plan, each after the one that whoever did it had seen: two phones cannot do the same one.
CREATE TABLE plan_step (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  job_id UUID NOT NULL,
  step VARCHAR(32) NOT NULL,
  brake_end ENUM('front', 'rear') NULL,
  outcome ENUM('done', 'skipped') NOT NULL,
  reason VARCHAR(200) NOT NULL,
  after_step UUID NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  UNIQUE KEY one_after (after_step),
  KEY plan_step_of (job_id, seq),
  FOREIGN KEY (job_id) REFERENCES job (id),
  FOREIGN KEY (after_step) REFERENCES plan_step (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);
