-- Records are looked for by the days they were sealed on.
ALTER TABLE sealed_record ADD KEY IF NOT EXISTS record_by_day (sealed_at, number);
