-- What a kind of part on the shelf costs, fits and is ordered again at changes, and what it was stays known.
ALTER TABLE stock_line ADD COLUMN IF NOT EXISTS version INT UNSIGNED NOT NULL DEFAULT 1;
ALTER TABLE store_change MODIFY what ENUM('wrench', 'container', 'notice', 'stock_line') NOT NULL;
