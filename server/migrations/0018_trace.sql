-- A batch is traced wherever it came off the shelf.
ALTER TABLE part_taken ADD KEY IF NOT EXISTS part_taken_by_batch (batch);
