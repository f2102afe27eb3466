-- A bike that is ridden against advice: the customer would not have replaced what was to be replaced.
ALTER TABLE bike_tag
  ADD sort ENUM('do-not-ride', 'against-advice') NOT NULL DEFAULT 'do-not-ride',
  ADD words VARCHAR(300) NOT NULL DEFAULT '';

-- What entries did not say before: why a correction was made, which findings were seen wrong, whose word a decision is.
UPDATE entry SET body = JSON_INSERT(body, '$.words', '') WHERE kind = 'reading';
UPDATE entry SET body = JSON_INSERT(body, '$.takesBack', JSON_ARRAY()) WHERE kind = 'look-over';
UPDATE entry SET body = JSON_INSERT(body, '$.stampAgainMm', NULL) WHERE kind IN ('identification', 'fitting');
UPDATE entry SET body = JSON_INSERT(body, '$.byLead', JSON_COMPACT(IF(JSON_VALUE(body, '$.decision') = 'accepted-unproven', 'true', 'false')), '$.keeps', NULL)
  WHERE kind = 'decision';
