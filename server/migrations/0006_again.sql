-- Procedures chosen once more after they were done.
ALTER TABLE plan_choice ADD again LONGTEXT NOT NULL DEFAULT '[]' CHECK (JSON_VALID(again));

-- A container that held another fluid than its label says: every brake it went into is not ridden until somebody looked
-- at its fluid after that.
ALTER TABLE container ADD wrong_fluid BOOLEAN NOT NULL DEFAULT FALSE;
ALTER TABLE bike_tag
  ADD container_id UUID NULL,
  ADD raised_seq BIGINT UNSIGNED NOT NULL DEFAULT 0,
  ADD FOREIGN KEY (container_id) REFERENCES container (id);

-- What an hour at the bench costs, which older rules did not have.
UPDATE shop_rules SET rules = JSON_INSERT(rules, '$.labourPerHourCents', 6000);
