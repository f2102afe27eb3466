-- Messages to customers as they were written, in the order they were sent: nothing leaves the shop’s machine, an outbox stands in.
CREATE TABLE IF NOT EXISTS message (
  id UUID NOT NULL PRIMARY KEY,
  seq BIGINT UNSIGNED NOT NULL UNIQUE,
  bike_id UUID NOT NULL,
  -- Whose bike it was then.
  customer_id UUID NOT NULL,
  about ENUM('due', 'trace', 'ready') NOT NULL,
  phone VARCHAR(40) NOT NULL,
  words VARCHAR(600) NOT NULL,
  at DATETIME(3) NOT NULL,
  by_person UUID NOT NULL,
  KEY message_of_bike (bike_id, about, at),
  FOREIGN KEY (bike_id) REFERENCES bike (id),
  FOREIGN KEY (customer_id) REFERENCES customer (id),
  FOREIGN KEY (by_person) REFERENCES person (id)
);
