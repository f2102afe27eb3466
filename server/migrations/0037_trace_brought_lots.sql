-- A lot is traced to the bikes whose passports say it too: which bikes those are is asked by the lot alone.
ALTER TABLE lot_brought ADD INDEX IF NOT EXISTS lot_brought_by_lot (lot);
